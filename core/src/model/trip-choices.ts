import type { WhatIf } from './trip-schema';

/** Values of a day that the simulated climate may fill in; a typed one wins and leaves this list. */
export const CLIMATE_KEYS = ['supperAirC', 'breakfastAirC', 'waterC', 'wind'] as const;
export type ClimateKey = (typeof CLIMATE_KEYS)[number];

/** Where a camp's water comes from. `snowDry` is snow melted without starter water; `carried` makes a dry camp. */
export const WATER_SOURCES = ['stream', 'tap', 'snow', 'snowDry', 'carried'] as const;

/** How it is made safe to drink; the boils by the rule of CDC or EPA. */
export const TREATMENTS = ['filter', 'chemical', 'none', 'boilCdc', 'boilEpa'] as const;

export const RESTRICTIONS = ['none', 'noOpenFlame', 'noFlame', 'unknown'] as const;

export const STOP_KINDS = ['town', 'shop', 'hut', 'crossing', 'fuelStation', 'postOffice', 'trailEnd'] as const;

/** Small comforts that fuel which is over may go into, dearest wish first. */
export const COMFORTS = ['drink', 'boil', 'wash'] as const;
export type Comfort = (typeof COMFORTS)[number];

/** What is looked at until the walker asks for something else (docs/physics.md, Spreads: colder, windier, slower). */
export const USUAL_WHAT_IFS: WhatIf[] = [{ kind: 'colder', byK: 8 }, { kind: 'windier' }, { kind: 'slower' }];

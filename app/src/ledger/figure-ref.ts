import type { MealName } from '@tinder/core';

/** A number on screen whose derivation can be opened. */
export type FigureRef = { kind: 'meal'; day: number; meal: MealName } | { kind: 'demand' } | { kind: 'loadout' } | { kind: 'start' };

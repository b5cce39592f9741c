import type { MealName } from '@tinder/core/domain/model';

/** A number on screen whose derivation can be opened; those of a carry name the stop it leaves. */
export type FigureRef = { kind: 'meal'; day: number; meal: MealName } | { kind: 'demand' | 'loadout' | 'start' | 'risk'; stopId: string };

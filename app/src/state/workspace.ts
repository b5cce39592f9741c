import { DEMO_TRIP, METRIC, preferencesSchema, tripSchema, type Preferences, type Trip } from '@tinder/core';
import * as z from 'zod';

/** Everything the walker can change, as one value: what undo steps through and what is saved. */
export interface Workspace {
  trip: Trip;
  preferences: Preferences;
}

export const workspaceSchema = z.strictObject({ trip: tripSchema, preferences: preferencesSchema });

/** What a first visit shows: the invented demo, metric units, daylight. */
export function demoWorkspace(): Workspace {
  return { trip: DEMO_TRIP, preferences: { theme: 'day', units: { ...METRIC } } };
}

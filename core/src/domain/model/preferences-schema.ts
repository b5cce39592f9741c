import * as z from 'zod';
import { UNITS, type Quantity } from '../../foundation/units';

/** The walker's units and theme, for every trip. */
const unitChoice = (q: Quantity) => z.enum(UNITS[q].map((u) => u.symbol) as [string, ...string[]]);

export const preferencesSchema = z.strictObject({
  theme: z.enum(['day', 'headlamp']),
  units: z.strictObject({
    mass: unitChoice('mass'),
    volume: unitChoice('volume'),
    temperature: unitChoice('temperature'),
    length: unitChoice('length'),
    altitude: unitChoice('altitude'),
    distance: unitChoice('distance'),
    speed: unitChoice('speed'),
    percent: unitChoice('percent'),
    days: unitChoice('days'),
    strength: unitChoice('strength').default('%'),
    price: unitChoice('price').default('€'),
    latitude: unitChoice('latitude').default('°'),
    hours: unitChoice('hours').default('h'),
    count: unitChoice('count').default('×'),
    energy: unitChoice('energy').default('kcal'),
    minutes: unitChoice('minutes').default('min'),
  }),
});
export type Preferences = z.infer<typeof preferencesSchema>;

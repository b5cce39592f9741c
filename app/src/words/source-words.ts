import { asKitPot, BURNERS, POTS } from '@tinder/core/domain/catalogue';
import type { Container } from '@tinder/core/domain/carry';
import { burntWith, daysOf, ownBurner, same, type Day, type Kit, type MealName, type Rack, type Trip } from '@tinder/core/domain/model';
import { ownBurnerWords } from './own-burner-words';
import { dateText } from './date-text';

/** Where a value comes from that nothing stands behind but the walker, the catalogue, or arithmetic. */
export const SOURCE = {
  typed: 'typed',
  simulated: 'simulated climate',
  catalogue: 'catalogue',
  assumed: 'assumed',
  workedOut: 'worked out',
} as const;

/** Where something a day is like comes from. */
export const dayValueFrom = (day: Day, key: Day['simulated'][number]): string =>
  day.simulated.includes(key) ? SOURCE.simulated : SOURCE.typed;

export const airFrom = (trip: Trip, day: number, meal: MealName): string =>
  dayValueFrom(daysOf(trip)[day - 1], meal === 'breakfast' ? 'breakfastAirC' : 'supperAirC');

/** The pot as the catalogue has it, or by the walker's own rule and scale: all that counts of it is looked at. */
export const potFrom = ({ pot }: Kit): string => (POTS.some((p) => same(asKitPot(p), pot)) ? SOURCE.catalogue : SOURCE.typed);

export const burnerMassFrom = ({ burnerId, burnerMassG }: Kit): string =>
  BURNERS.some((b) => b.id === burnerId && b.massG === burnerMassG) ? SOURCE.catalogue : SOURCE.typed;

/** How well the burner heats: by the walker's own burns, with the day of the last of them, or as its kind does. */
export function burnerFrom(kit: Kit, { bench }: Pick<Rack, 'bench'>): string {
  const own = ownBurner(kit);
  if (!own) return kit.headFactor === 1 ? SOURCE.catalogue : SOURCE.typed;
  const last = bench.tests
    .filter((t) => t.garden === null && t.end === 'reached' && !t.setAside && same(burntWith(t.setup.kit), own.of))
    .map((t) => t.on)
    .sort()
    .at(-1);
  return own.simulated || !last ? ownBurnerWords(own) : `${ownBurnerWords(own)}, the last on ${dateText(last)}`;
}

/** How much is in a container: new as the label says, or the walker's own with the day it was looked at last. */
export function contentFrom({ own }: Container, { shelf }: Pick<Rack, 'shelf'>): string {
  if (!own) return 'the label';
  const last = shelf.find((c) => c.id === own.id)?.looks.at(-1)?.on;
  return last ? `your shelf, last reading ${dateText(last)}` : 'your shelf';
}

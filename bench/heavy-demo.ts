import { exportArchive, importArchive } from '@tinder/core/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { addDishes, DISHES } from '@tinder/core/domain/menu';
import type { Rack, ShelvedTrip, Trip } from '@tinder/core/domain/model';
import { startTrip, starterAnswers } from '@tinder/core/domain/trail';

const DISHES_KEPT = 40;
const CONTAINERS = 100;
const TESTS = 500;
const TRIPS = 20;

/** As much as anybody will ever have: half a year of trail over sixty stops, a cupboard of a hundred cans, five hundred burns. Invented, always the same. */
export function heavyDemo(): { trips: ShelvedTrip[]; rack: Rack } {
  const others = Array.from({ length: TRIPS - 1 }, (_, i): Trip => ({ ...DEMO_TRIP, id: `walk-${i}`, name: `Walk ${i + 1}` }));
  return { trips: [halfAYear(), ...others].map((trip) => ({ trip, archived: false })), rack: fullRack() };
}

/** The trip of it: 200 days, 60 stops, 40 dishes of which a dozen take turns. */
export function halfAYear(): Trip {
  const bare = startTrip(DEMO_TRIP, { ...starterAnswers(DEMO_TRIP, 2027), nights: 199, stops: 60, fromClimate: true }, (n) => `stop-${n}`);
  const hot = DISHES.filter((d) => d.hot);
  const meals = Array.from({ length: DISHES_KEPT }, (_, i) => ({ ...hot[i % hot.length], name: `${hot[i % hot.length].name} ${i + 1}` }));
  let next = 0;
  const trip = addDishes({ ...bare, id: 'half-a-year', name: 'Half a Year', dishes: [] }, meals, () => `dish-${next++}`);
  return { ...trip, rotation: { ...trip.rotation, supper: trip.dishes.slice(0, 12).map((d) => d.id) } };
}

function fullRack(): Rack {
  // the demo's own keep their ids: read into an app that has them there are no more than so many
  const repeated = <T>(list: readonly T[], count: number, change: (x: T, i: number) => T): T[] =>
    Array.from({ length: count }, (_, i) => (i < list.length ? list[i] : change(list[i % list.length], i)));
  return {
    ...DEMO_RACK,
    shelf: repeated(DEMO_RACK.shelf, CONTAINERS, (c, i) => ({ ...c, id: `${c.id}-${i}`, name: `${c.name} ${i}` })),
    bench: { ...DEMO_RACK.bench, tests: repeated(DEMO_RACK.bench.tests, TESTS, (t, i) => ({ ...t, id: `${t.id}-${i}` })) },
  };
}

/** The same as a backup that the app reads. Throws where it could not. */
export function heavyBackup(): string {
  const { trips, rack } = heavyDemo();
  const text = exportArchive(trips, { rack });
  const read = importArchive(text);
  if (!read.ok) throw new Error(`the heavy demo is no archive: ${JSON.stringify(read.problem)}`);
  return text;
}

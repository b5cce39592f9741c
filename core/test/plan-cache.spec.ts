import fc from 'fast-check';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { editStop, paintDays } from '../src/domain/trail';
import { WEIGHT_MEASURES } from '../src/domain/carry';
import { daysOf, type Trip } from '../src/domain/model';
import { planCache, planTrip } from '../src/planning/plan';
import { habitLedger, kitLines } from '../src/studies/study';
import { anyTrip } from './any-trip';

const TRIPS = 300;
const SEED = 46;

/** A step of a walker's editing: one thing that a plan depends on is another one afterwards. */
const anyEdit: fc.Arbitrary<(t: Trip) => Trip> = fc.oneof(
  fc.tuple(fc.nat(100), fc.integer({ min: -20, max: 25 })).map(([at, supperAirC]) => (t: Trip) => {
    const day = 1 + (at % daysOf(t).length);
    return paintDays(t, day, day, { supperAirC });
  }),
  fc.double({ min: 0.3, max: 1, noNaN: true }).map((flameSetting) => (t: Trip) => ({ ...t, kit: { ...t.kit, flameSetting } })),
  fc.boolean().map((lidOn) => (t: Trip) => ({ ...t, kit: { ...t.kit, lidOn } })),
  fc.integer({ min: 200, max: 900 }).map((waterMl) => (t: Trip) => ({
    ...t,
    menu: { ...t.menu, supper: { ...t.menu.supper, waterMl } },
  })),
  fc.integer({ min: 0, max: 60 }).map((reservePercent) => (t: Trip) => ({ ...t, reservePercent })),
  fc.boolean().map((oneLighting) => (t: Trip) => ({ ...t, oneLighting })),
  fc.integer({ min: 8, max: 13 }).map((tenths) => (t: Trip) => ({ ...t, appetite: tenths / 10 })),
  fc.boolean().map((bin) => (t: Trip) => editStop(t, t.stops[0].id, { bin })),
  fc.constantFrom(...WEIGHT_MEASURES).map((measure) => (t: Trip) => ({ ...t, loadOut: { ...t.loadOut, measure } })),
  fc.integer({ min: 0, max: 40 }).map((gramsPerPrice) => (t: Trip) => ({ ...t, loadOut: { ...t.loadOut, gramsPerPrice } })),
);

/** Trips as they are edited step by step, in an order drawn by lot: no state need come after the one it was made of. */
function editedTrips(): Trip[] {
  const drawn = fc.sample(
    fc.record({ trip: fc.oneof({ weight: 9, arbitrary: anyTrip }, fc.constant(DEMO_TRIP)), edits: fc.array(anyEdit, { maxLength: 2 }) }),
    { numRuns: TRIPS, seed: SEED },
  );
  const states = drawn.flatMap(({ trip, edits }) => edits.reduce((list, edit) => [...list, edit(list[list.length - 1])], [trip]));
  const [order] = fc.sample(fc.shuffledSubarray([...states.keys()], { minLength: states.length }), { numRuns: 1, seed: SEED });
  return order.map((i) => states[i]);
}

describe('a plan cache', () => {
  it('changes no number: 300 random trips, edited step by step, with a shared cache and without', () => {
    const cache = planCache();
    // by the same words in other objects, as a trip comes to a worker
    for (const trip of editedTrips()) expect(planTrip(structuredClone(trip), { cache })).toEqual(planTrip(trip));
  });

  it('changes no number of a study that is asked after other trips', () => {
    const cache = planCache();
    const colder = paintDays(DEMO_TRIP, 4, 9, { supperAirC: -3 });
    for (const trip of [colder, DEMO_TRIP]) {
      const plan = planTrip(trip, { cache });
      expect(habitLedger(trip, plan, cache)).toEqual(habitLedger(trip, planTrip(trip)));
      expect(kitLines(DEMO_RACK, trip, plan, cache)).toEqual(kitLines(DEMO_RACK, trip, planTrip(trip)));
    }
  });

  it('gives the very same days to the next plan where nothing of theirs has changed', () => {
    const cache = planCache();
    const before = planTrip(DEMO_TRIP, { cache });
    const after = planTrip(paintDays(structuredClone(DEMO_TRIP), 23, 23, { supperAirC: 3 }), { cache });
    expect(after.days.slice(0, 17).every((day, i) => day === before.days[i])).toBe(true);
    expect(after.days[22]).not.toBe(before.days[22]);
  });

  it('is nobody’s but the asker’s: without one nothing is remembered', () => {
    expect(planTrip(DEMO_TRIP).days[0]).not.toBe(planTrip(DEMO_TRIP).days[0]);
  });
});

import fc from 'fast-check';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { changed, flipsOf, found, findKits, kitSearch, legMixes, compareWithDoubt, candidatesAt, type Found } from '../src/studies/finder';
import {
  AXES,
  bestOfSchools,
  carried,
  cookedAs,
  FIRST_WISH,
  frontOf,
  takeOnRack,
  worthKeeping,
  type School,
  type Wish,
} from '../src/studies/found';
import { leastOf } from '../src/studies/finder/least';
import { build, hintsFor, tripWithKit } from '../src/domain/kit';
import { withMethod } from '../src/domain/menu';
import type { Rack, Trip } from '../src/domain/model';
import { missedMeals, planTrip, weightSums } from '../src/planning/plan';
import { WIND_CLASS } from '../src/planning/risk';
import { tripWithChange } from '../src/studies/study';
import { everyKit, own, OWN, plainTrip, rackOf } from './finder-case';
import { everyDay, ofDays, SHORT_TRIP } from './short-trip';
import { counter } from './rack-in-hand';
import { valueOf } from './value-of';

/** What is looked at with the whole catalogue. */
const TWO_DAYS = ofDays(2);

const best = (list: readonly Found[], school: School): Found => {
  const of = bestOfSchools(list).find((f) => f.school === school);
  if (!of) throw new Error(`nothing found for ${school}`);
  return of;
};
const answers = (list: readonly Found[]): Found[] => bestOfSchools(list).filter((f) => !f.fails);
const numbers = (list: readonly Found[]): number[] => list.map((f) => f.number);
/** What a search must come to: every front, and the best answer of each school. */
const verdict = (list: readonly Found[]): number[][] => [...AXES.map((a) => numbers(frontOf(list, a))), numbers(answers(list))];

const BURNERS = [
  'small gas stove',
  'regulated gas stove',
  'open-jet alcohol stove',
  'alcohol stove with simmer ring',
  'tablet tray, two lit',
  'gel tin on a stand',
  'liquid-fuel stove with pump',
];
const POTS = ['0.55 L titanium mug', '0.9 L titanium, wide', '1 L aluminium, wide', '1 L finned aluminium', '0.65 L aluminium kettle'];
const SCREENS = [
  'thin folding windscreen',
  'foil windscreen, rolled',
  'fitted cone for pot and alcohol stove',
  'wind plate under the burner head',
];
const smallRack = fc
  .tuple(
    fc.subarray(BURNERS, { minLength: 2, maxLength: 3 }),
    fc.subarray(POTS, { minLength: 2, maxLength: 3 }),
    fc.subarray(SCREENS, { maxLength: 2 }),
  )
  .map(([burners, pots, screens]) => rackOf(...burners, ...pots, ...screens, 'pot sleeve of reflecting foam'));
const anyWish = fc
  .record({ cozy: fc.boolean(), stopAt88: fc.boolean(), coldBreakfast: fc.boolean(), allCold: fc.boolean() })
  .map((ways): Wish => ({ ...OWN, ways: { ...OWN.ways, ...ways } }));
const anyWalk = fc
  .record({ mps: fc.constantFrom(0.3, 2, 5), supperAirC: fc.constantFrom(-6, 4, 15), days: fc.constantFrom(1, 3) })
  .map(({ mps, supperAirC, days }) => plainTrip(days, { wind: { kind: 'flame', mps }, supperAirC, breakfastAirC: supperAirC - 3 }));

describe('the search', () => {
  it('comes to what planning every kit comes to, on 30 small racks, alone and shared out', () => {
    let kits = 0;
    fc.assert(
      fc.property(smallRack, anyWish, anyWalk, (rack, wish, trip) => {
        const every = everyKit(rack, trip, wish);
        kits += every.length;
        expect(verdict(findKits(rack, trip, wish).found)).toEqual(verdict(every));
        expect(verdict(shared(rack, trip, wish))).toEqual(verdict(every));
        for (const f of every) {
          const least = leastOf(f);
          if (f.fails) continue;
          expect(least.coldMeals).toBe(0);
          expect(least.averageG).toBeLessThanOrEqual(f.measured.averageG + 1e-6);
          expect(least.minutesADay).toBeLessThanOrEqual(f.measured.minutesADay + 1e-6);
          expect(least.hotADay).toBeCloseTo(f.measured.hotADay, 9);
        }
      }),
      { numRuns: 30, endOnFailure: true },
    );
    expect(kits).toBeGreaterThan(600);
  });

  /** Two searches of half the kits each, which tell each other what they find. */
  function shared(rack: Rack, trip: Trip, wish: Wish): Found[] {
    const halves = [0, 1].map((index) => kitSearch(rack, trip, wish, { index, of: 2 }));
    const list: Found[] = [];
    while (halves.some((h) => !h.isDone()))
      halves.forEach((h, i) => {
        const now = h.step();
        list.push(...now);
        halves[1 - i].learn(now.filter((f) => !f.fails));
      });
    expect(halves[0].settled() + halves[1].settled()).toBe(halves[0].total);
    return worthKeeping(list);
  }

  it('never answers with a kit under which a wanted hot meal fails, or that a leg forbids, and can light and hold what it cooks', () => {
    const { found: list, total, planned } = findKits(DEMO_RACK, DEMO_TRIP, OWN);
    expect(planned).toBeLessThan(total);
    expect(answers(list).length).toBeGreaterThan(1);
    for (const f of list.filter((x) => !x.fails)) {
      const { rack, kit } = takeOnRack(DEMO_RACK, f, 'found', counter());
      const trip = valueOf(tripWithKit(DEMO_TRIP, build(rack, kit)));
      const plan = planTrip(trip);
      expect(missedMeals(trip, plan)).toBe(0);
      expect(weightSums(plan).averageG).toBeCloseTo(f.measured.averageG, 6);
      const codes = hintsFor(rack, trip, kit).map((h) => h.code);
      for (const gap of ['nothingLights', 'noSpareIgnition', 'failsDamp', 'cannotSimmer', 'noSupport', 'noMeasure', 'noPot', 'wornOut'])
        expect(codes).not.toContain(gap);
    }
    // the demo's third leg allows no open flame: those schools come nearest, and it is said why they are none
    expect(best(list, 'alcohol').fails).toMatchObject({ bannedDays: 5 });
  });

  it('keeps to the wish: what is owned, what may be spent, what has to stay, what takes how long', () => {
    const upTo = (price: number) => findKits(DEMO_RACK, TWO_DAYS, { ...FIRST_WISH, from: { kind: 'upTo', price } }).found;
    const cheap = upTo(60);
    for (const f of cheap) expect(f.price).toBeLessThanOrEqual(60);
    const lightest = (list: readonly Found[]): number => answers(list)[0].measured.averageG;
    expect(lightest(findKits(DEMO_RACK, TWO_DAYS, OWN).found)).toBeGreaterThanOrEqual(lightest(cheap));
    const mug = DEMO_RACK.pieces.find((p) => p.name === '0.9 L titanium, wide');
    for (const f of findKits(DEMO_RACK, SHORT_TRIP, { ...OWN, keepPieceIds: [mug?.id ?? ''] }).found)
      expect(f.trip.kit.pot.name).toBe(mug?.name);
    for (const f of findKits(DEMO_RACK, SHORT_TRIP, { ...OWN, mostMinutesADay: 15 }).found)
      expect(f.measured.minutesADay).toBeLessThanOrEqual(15);
    const simmers = { ...OWN, mustSimmer: true, noOpenFlame: true };
    for (const f of findKits(DEMO_RACK, SHORT_TRIP, simmers).found) expect(['canister', 'remote']).toContain(f.school);
  });

  it('puts what it found on the rack, and carries it cooked as it was found', () => {
    const wish: Wish = { ...OWN, ways: { ...OWN.ways, stopAt88: true } };
    const [f] = answers(findKits(DEMO_RACK, SHORT_TRIP, wish).found);
    const { rack, kit } = takeOnRack(DEMO_RACK, f, 'found', counter());
    const trip = carried(SHORT_TRIP, rack, kit, wish.ways, f);
    expect(weightSums(planTrip(trip)).averageG).toBeCloseTo(f.measured.averageG, 6);
    expect([trip.rackKitId, trip.menu.supper.target]).toEqual([kit.id, { kind: 'stopAt', targetC: 88 }]);
  });
});

// Known verdicts of the trade (common practice), each with its conditions: two boils of 450 mL a day, 12 °C, nearly calm, no reserve.
describe('what the trade knows comes out by itself', () => {
  const bothBurners = rackOf(
    'small gas stove',
    'open-jet alcohol stove',
    'tablet tray, one lit',
    '0.9 L titanium, wide',
    'foil windscreen, rolled',
    'fitted cone for pot and alcohol stove',
    'thin folding windscreen',
  );
  const after = (days: number) => {
    const list = findKits(bothBurners, plainTrip(days), OWN).found;
    return { alcohol: best(list, 'alcohol').measured, canister: best(list, 'canister').measured };
  };

  it('alcohol starts lighter up to four days and crosses the canister between the fourth and the sixth; gas beyond ten', () => {
    for (const days of [1, 2, 3, 4]) expect(after(days).alcohol.startG).toBeLessThan(after(days).canister.startG);
    expect(after(6).canister.startG).toBeLessThan(after(6).alcohol.startG);
    for (const days of [11, 12, 13]) expect(after(days).canister.startG).toBeLessThan(after(days).alcohol.startG);
    expect(after(13).canister.averageG).toBeLessThan(after(13).alcohol.averageG);
  });

  it('tablets for a night out with one cup', () => {
    const mug = rackOf(
      'small gas stove',
      'open-jet alcohol stove',
      'tablet tray, one lit',
      '0.55 L titanium mug',
      'foil windscreen, rolled',
      'fitted cone for pot and alcohol stove',
    );
    const one = plainTrip(1, {}, 250);
    const cup: Trip = { ...one, menu: { ...one.menu, supper: { ...one.menu.supper, hot: false } } };
    expect(answers(findKits(mug, cup, OWN).found)[0].school).toBe('tablets');
  });

  it('liquid fuel where all water is snow for ten days and more', () => {
    const winter = rackOf(
      'small gas stove',
      'remote gas stove, canister inverted',
      'open-jet alcohol stove',
      'liquid-fuel stove with pump',
      '1.3 L titanium, wide',
      'foil windscreen, rolled',
      'thin folding windscreen',
      'fitted cone for pot and alcohol stove',
    );
    const snow = (days: number) =>
      plainTrip(days, { source: 'snow', supperAirC: -8, breakfastAirC: -12, wind: { kind: 'flame', mps: 2 } }, 1000);
    for (const days of [10]) expect(answers(findKits(winter, snow(days), OWN).found)[0].school).toBe('liquid');
    expect(answers(findKits(winter, snow(3), OWN).found)[0].school).not.toBe('liquid');
  });

  it('nothing at all where the menu allows', () => {
    const cold = { ...plainTrip(3) };
    const menu = { ...cold.menu, breakfast: { ...cold.menu.breakfast, hot: false }, supper: { ...cold.menu.supper, hot: false } };
    const [first] = answers(findKits(bothBurners, { ...cold, menu }, OWN).found);
    expect([first.school, first.trip.kit.burnerId, first.measured.fuelG]).toEqual(['cold', 'none', 0]);
  });

  it('a windscreen earns its weight in wind, and not in a hollow', () => {
    const one = rackOf('small gas stove', '0.9 L titanium, wide', 'thin folding windscreen');
    const inWind = (mps: number) =>
      best(findKits(one, plainTrip(5, { wind: { kind: 'flame', mps } }), OWN).found, 'canister').trip.kit.windscreen;
    expect([inWind(0.2), inWind(2)]).toEqual(['none', 'folded']);
  });

  it('titanium wins by weight and aluminium by its price alone', () => {
    const burner = rackOf('small gas stove');
    const pots = ['0.9 L titanium, wide', '1 L aluminium, wide'].map((name) => ({ ...own(name), have: 'wish' as const }));
    const rack = { ...burner, pieces: [...burner.pieces, ...pots] };
    const wish: Wish = { ...FIRST_WISH, keepPieceIds: [...pots, own('small gas stove')].map((p) => p.id) };
    const list = everyKit(rack, plainTrip(3), wish);
    const materials = (found: readonly Found[]): string[] => [...new Set(found.map((f) => f.trip.kit.pot.material))];
    expect(materials(frontOf(list, 'price'))).toEqual(['titanium', 'aluminium']);
    expect(frontOf(list, 'minutesADay')[0].trip.kit.pot.material).toBe('titanium');
    expect(frontOf(list, 'price').at(-1)?.price).toBe(pots[1].price);
  });
});

describe('beside the best', () => {
  const rack = rackOf(
    'small gas stove',
    'open-jet alcohol stove',
    '0.9 L titanium, wide',
    'fitted cone for pot and alcohol stove',
    'thin folding windscreen',
  );
  const trip = plainTrip(4);
  const list = findKits(rack, trip, OWN).found;
  const [alcohol, canister] = [best(list, 'alcohol'), best(list, 'canister')];

  it('says what would make the other one win, and there it does', () => {
    const long = findKits(rack, plainTrip(13), OWN).found;
    const [flip] = flipsOf(best(long, 'canister'), best(long, 'alcohol')).filter((f) => f.kind === 'days');
    expect(flip.by).toBeLessThan(1);
    const then = findKits(rack, plainTrip(Math.round(13 * flip.by)), OWN).found;
    expect(best(then, 'alcohol').measured.averageG).toBeLessThan(best(then, 'canister').measured.averageG);
  });

  it('is colder and windier as what-if has it, water following the air by half', () => {
    expect(changed(trip, 'cold', 6)).toEqual(tripWithChange(trip, { kind: 'colder', byK: 6 }));
    expect(changed(trip, 'wind', WIND_CLASS.up)).toEqual(tripWithChange(trip, { kind: 'windier' }));
  });

  it('boils pasta for a cozy in the water that it drinks, not in what is poured away', () => {
    const pasta = { ...trip.menu.supper, ...withMethod({ ...trip.menu.supper, dryG: 120 }, 'pastaPot') };
    const cooked = cookedAs({ ...trip, menu: { ...trip.menu, supper: pasta } }, OWN.ways, { cozy: true, coldBreakfast: false });
    // 2.3 mL a gram of dry food (docs/physics.md, Dishes)
    expect([pasta.waterMl > 1000, cooked.menu.supper.method, cooked.menu.supper.waterMl]).toEqual([true, 'boilCozy', 2.3 * 120]);
  });

  it('tells kits apart only beyond what the model knows of their fuel, by hand', () => {
    const told = compareWithDoubt(alcohol, canister);
    // 12 % of the fuel on hand each, independent of each other; nine in ten is 1.28 standard deviations
    const sdG = 0.12 * Math.hypot(alcohol.measured.fuelG, canister.measured.fuelG);
    expect(told.sdG).toBeCloseTo(sdG, 6);
    expect(told.isSure).toBe(Math.abs(told.differenceG) > 1.2816 * sdG);
    expect(compareWithDoubt(alcohol, alcohol)).toMatchObject({ differenceG: 0, sdG: 0, isSure: false });
  });

  it('mixes kits leg by leg where a ban keeps the lighter one from going all the way', () => {
    const legs = [0, 1].map((i) => ({
      ...trip.legs[0],
      days: trip.legs[0].days,
      restriction: i ? ('noOpenFlame' as const) : ('none' as const),
    }));
    const twoLegs: Trip = { ...trip, legs, stops: DEMO_TRIP.stops.slice(0, 3) };
    const kits = bestOfSchools(findKits(rack, twoLegs, OWN).found);
    expect(kits.find((f) => f.school === 'alcohol')?.fails).toMatchObject({ bannedDays: 4 });
    const [mix] = legMixes(kits);
    expect(mix.legs).toHaveLength(1);
    const schools = [mix.base, mix.legs[0].number].map((n) => kits.find((f) => f.number === n)?.school);
    expect(schools.sort()).toEqual(['alcohol', 'canister']);
    expect(mix.measured.averageG).toBeLessThan(kits[0].measured.averageG);
    expect(missedMeals(mix.trip, planTrip(mix.trip))).toBe(0);
  });

  it('knows a candidate by its number again', () => {
    const again = candidatesAt(rack, trip, OWN, numbers(list));
    expect(again).toHaveLength(list.length);
    list.forEach((f, i) => expect(found(again[i].candidate, f.number).measured).toEqual(f.measured));
    expect(candidatesAt(rack, everyDay(trip, {}), OWN, [1e6])).toEqual([]);
  });
});

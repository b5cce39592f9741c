import fc from 'fast-check';
import { burnerById, hasValve } from '../src/domain/catalogue';
import { DEMO_TRIP } from '../src/demo';
import {
  addDishes,
  clearDish,
  DISHES,
  editDishOn,
  foodOf,
  isEatenOut,
  mealOn,
  methodProblems,
  potFillMl,
  removeDish,
  setDish,
  swollenMl,
  withMethod,
} from '../src/domain/menu';
import { DISH_COLUMNS, readDishCsv, writeDishCsv } from '../src/output/tables';
import { MEALS, mealSchema, METHODS, tripSchema, type Day, type Meal, type MealName, type Method, type Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { demandOfG, doneMeals } from '../src/planning/planned';
import { cookingTimeS, dishCard, habitLedger, learntDoneMin, perThousandKcal } from '../src/studies/study';
import { everyDay, SHORT_TRIP } from './short-trip';
import { problemOf, valueOf } from './value-of';

const dish = (name: string): Meal => {
  const found = DISHES.find((d) => d.name === name);
  if (!found) throw new Error(`no dish ${name}`);
  return found;
};
/** A calm evening at sea level, 15 °C all round, a pot large enough for pasta, the lid on, 1.9 kW at 70 %. */
const CALM: Partial<Day> = { supperAirC: 15, breakfastAirC: 15, waterC: 15, altitudeM: 0, wind: { kind: 'flame', mps: 0 } };
const BIG_POT = { ...SHORT_TRIP.kit.pot, name: 'big', diameterMm: 150, heightMm: 110, massG: 160, lidMassG: 30 };
const calm = (supper: Meal, kit: Partial<Trip['kit']> = {}): Trip => ({
  ...everyDay({ ...SHORT_TRIP, kit: { ...SHORT_TRIP.kit, pot: BIG_POT, ...kit } }, CALM),
  menu: { ...SHORT_TRIP.menu, supper },
});
const supperOf = (trip: Trip) => {
  const meal = planTrip(trip).days[0].meals.supper;
  if (!meal) throw new Error('no supper');
  return meal;
};
const heat = (meal: Meal) => supperOf(calm(meal)).burn.ledger.heatJ;

describe('one dish of each method, by hand', () => {
  // water 4.187 J/(g K), titanium pot 160 g · 0.54 = 86.4 J/K, 15 °C → 99.97 °C at sea level (IF97)
  const K = 84.97;
  it('full boil and pour: 350 mL take 124.5 kJ and the pot 7.3', () => {
    const { heating, held } = heat(dish('freeze-dried curry'));
    expect(heating.water / 1000).toBeCloseTo((350 * 4.187 * K) / 1000, 0);
    expect(heating.pot / 1000).toBeCloseTo((86.4 * K) / 1000, 1);
    expect(held.water + held.steam + held.sides).toBe(0);
  });

  it('heat and rest: to 88 °C, 73 K instead of 85, so six sevenths of the water’s heat', () => {
    const { heating } = heat(dish('packet soup'));
    expect(heating.water / 1000).toBeCloseTo((300 * 4.187 * 73) / 1000, 1);
  });

  it('boil and cozy costs its boil and nothing after', () => {
    const m = supperOf(calm(dish('instant couscous with vegetables')));
    expect(m.burn.ledger.heatJ.heating.water / 1000).toBeCloseTo((250 * 4.187 * K) / 1000, 0);
    expect(m.facts.holdS).toBe(0);
  });

  it('simmer: the food is brought to the boil too (100 g · 1.7 · 85 K = 14.4 kJ), then held ten minutes', () => {
    const m = supperOf(calm(dish('raw pasta, little water')));
    expect(m.burn.ledger.heatJ.heating.food / 1000).toBeCloseTo((100 * 1.7 * K) / 1000, 1);
    expect(m.facts.holdS).toBe(600);
    // held: at least what the pot loses, at 10 W/(m² K) from side and lid (0.0695 m²) 85 K warmer: 59 W · 600 s = 35 kJ
    expect(m.burn.ledger.heatJ.held.air / 1000).toBeCloseTo((10 * 0.0695 * K * 600) / 1000, 0);
  });

  it('pasta pot: 1.1 L open, with vapour and steam that a lid would have kept', () => {
    const open = heat(dish('raw pasta in plenty of water'));
    const lidded = heat({ ...dish('raw pasta in plenty of water'), lidOff: false });
    expect(open.heating.water / 1000).toBeCloseTo((1100 * 4.187 * K) / 1000, 0);
    expect(open.heating.evaporation).toBeGreaterThan(5 * lidded.heating.evaporation);
  });

  it('dried at home: as much water as it drinks, one boil, work at home instead', () => {
    const chilli = dish('home-dried chilli');
    expect(heat(chilli).heating.water / 1000).toBeCloseTo((320 * 4.187 * K) / 1000, 0);
    expect(chilli.homeMin).toBeGreaterThan(0);
  });

  it('cold soak and no cook burn nothing', () => {
    for (const name of ['oats soaked overnight', 'muesli with milk powder'])
      expect(planTrip(calm(dish(name))).days[0].meals.supper).toBeUndefined();
  });

  it('hot drink: 300 mL to 80 °C is 81.6 kJ', () => {
    expect(heat(dish('tea')).heating.water / 1000).toBeCloseTo((300 * 4.187 * 65) / 1000, 1);
  });

  it('melt snow: 333.55 + 4.187·40 J a gram, more than a boil of the same water', () => {
    const snow = everyDay(calm(withMethod({ ...dish('tea'), waterMl: 500 }, 'meltSnow')), { source: 'snow', supperAirC: 0 });
    const { heating } = supperOf(snow).burn.ledger.heatJ;
    expect((heating.water + heating.pot) / 1000).toBeCloseTo((500 * (333.55 + 4.187 * 40) + 86.4 * 40) / 1000, 0);
  });

  it('boil to make safe: one minute rolling at sea level, three above 1,524 m (EPA)', () => {
    const safe = withMethod({ ...dish('tea'), waterMl: 1000 }, 'makeSafe');
    expect(supperOf(calm(safe)).facts.holdS).toBe(60);
    expect(supperOf(everyDay(calm(safe), { altitudeM: 1600 })).facts.holdS).toBe(180);
  });

  it('dose and forget: whole measures of 5 mL, what is over burns on', () => {
    const alcohol = { burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const };
    const m = supperOf(calm(withMethod(dish('packet soup'), 'doseForget'), alcohol));
    expect(m.dose?.kind === 'alcohol' && m.dose.ml % 5).toBe(0);
    expect(m.burn.ledger.heatJ.afterDone.sides).toBeGreaterThan(0);
  });

  it('fry: six minutes at 70 % of 1.9 kW are at most 479 kJ, 10.5 g', () => {
    const m = supperOf(calm(dish('pancakes')));
    expect(m.burn.durationS).toBeCloseTo(360, 6);
    expect(m.burn.fuelG).toBeLessThan(10.5 + 0.3);
    expect(m.burn.fuelG).toBeGreaterThan(9.5);
  });
});

it('raw pasta by the packet, in plenty of water at a rolling boil, takes 33 g a portion (common practice, ± 20 %)', () => {
  const { burn, facts } = supperOf(calm(dish('raw pasta in plenty of water')));
  expect(facts.rolling).toBe(true);
  expect(Math.abs(burn.fuelG / 33 - 1)).toBeLessThan(0.2);
});

describe('the catalogue', () => {
  it('holds about forty dishes and drinks, each valid, each name once, every method among them but dose and forget', () => {
    expect(DISHES.length).toBeGreaterThanOrEqual(40);
    expect(new Set(DISHES.map((d) => d.name)).size).toBe(DISHES.length);
    for (const d of DISHES) expect(mealSchema.safeParse(d).success).toBe(true);
    const used = new Set<Method>(DISHES.map((d) => d.method));
    expect(METHODS.filter((m) => !used.has(m))).toEqual(['doseForget']);
  });
});

describe('what a kit can cook', () => {
  it('says what stands in the way and what to do instead', () => {
    const codes = (meal: Meal, kit: Partial<Trip['kit']> = {}) => methodProblems({ ...SHORT_TRIP.kit, ...kit }, meal).map((p) => p.code);
    const alcohol = { burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const };
    expect(codes(dish('raw rice'), alcohol)).toContain('noSimmer');
    expect(codes(dish('raw rice'))).toEqual([]);
    expect(codes(dish('raw pasta in plenty of water'))).toEqual(['potTooSmall']);
    expect(codes(dish('pancakes'), { burnerId: 'gas-locked' })).toEqual(['noFryingOnIt']);
    expect(codes(dish('tea'), { burnerId: 'none', fuelId: 'none', windscreen: 'none' })).toEqual(['noBurner']);
    expect(codes(dish('granola'), alcohol)).toEqual([]);
    for (const d of DISHES)
      for (const p of methodProblems({ ...SHORT_TRIP.kit, ...alcohol }, d)) expect(p.instead.length).toBeGreaterThan(0);
    expect(hasValve(burnerById('alcohol-open'))).toBe(false);
  });

  it('counts water and food against the brim, less for what foams; rice and pasta swell threefold', () => {
    expect(potFillMl(dish('raw rice'))).toBeCloseTo(320 + 0.7 * 110, 9);
    expect(potFillMl(dish('freeze-dried curry'))).toBe(350); // it is eaten from its bag
    expect(swollenMl(100)).toBeCloseTo(360, 9);
  });
});

describe('the pattern of days', () => {
  const eaten = (trip: Trip, name: MealName = 'supper') => {
    let day = 0;
    return trip.legs.flatMap((l) => l.days.map((d) => mealOn(trip, ++day, name, d.dishes).name));
  };
  const usual = SHORT_TRIP.menu.supper.name;

  it('has the usual dish, dishes that take turns, and days of their own', () => {
    const rice = setDish(SHORT_TRIP, 'supper', dish('raw rice'), { kind: 'turn' }, 'rice');
    expect(eaten(rice)).toEqual([usual, 'raw rice', usual, 'raw rice', usual]);
    const painted = setDish(rice, 'supper', dish('packet soup'), { kind: 'days', from: 2, to: 3 }, 'soup');
    expect(eaten(painted)).toEqual([usual, 'packet soup', 'packet soup', 'raw rice', usual]);
    expect(tripSchema.safeParse(painted).success).toBe(true);
    expect(eaten(clearDish(painted, 'supper', { kind: 'days', from: 2, to: 2 }))[1]).toBe('raw rice');
    expect(eaten(clearDish(painted, 'supper', { kind: 'turn' }))).toEqual([usual, 'packet soup', 'packet soup', usual, usual]);
    expect(eaten(setDish(SHORT_TRIP, 'breakfast', dish('granola'), { kind: 'usual' }, 'x'), 'breakfast')).toEqual(Array(5).fill('granola'));
    expect(eaten(removeDish(painted, 'rice'))).toEqual([usual, 'packet soup', 'packet soup', usual, usual]);
  });

  it('changes a dish wherever it is eaten, and keeps one of a name once', () => {
    const painted = setDish(SHORT_TRIP, 'supper', dish('raw rice'), { kind: 'days', from: 2, to: 3 }, 'rice');
    const more = editDishOn(painted, 2, 'supper', { supper: 'rice' }, (m) => ({ ...m, waterMl: 400 }));
    expect(more.dishes.find((d) => d.id === 'rice')?.meal.waterMl).toBe(400);
    expect(more.menu).toEqual(painted.menu);
    expect(editDishOn(painted, 1, 'supper', {}, (m) => ({ ...m, waterMl: 500 })).menu.supper.waterMl).toBe(500);
    const again = setDish(painted, 'lunch', dish('raw rice'), { kind: 'days', from: 1, to: 1 }, 'other');
    expect(again.dishes.filter((d) => d.meal.name === 'raw rice')).toHaveLength(1);
    expect(addDishes(painted, [{ ...dish('raw rice'), dryG: 77 }], () => 'n').dishes.find((d) => d.id === 'rice')?.meal.dryG).toBe(77);
  });

  it('buys what is not cooked, scales by appetite, and counts packets and grams', () => {
    expect(MEALS.filter((m) => isEatenOut(m, { breakfast: false, supper: true }))).toEqual(['supper', 'drink', 'washUp']);
    const days = planTrip(SHORT_TRIP).days;
    const { foodG, packets, kcal } = foodOf(SHORT_TRIP, days);
    // 90 + 20 + 3, 440 + 22 and 130 + 18 g a day
    expect([foodG, kcal]).toEqual([5 * 723, 5 * 3150]);
    expect(packets).toContainEqual({ name: usual, count: 5 });
    expect(foodOf({ ...SHORT_TRIP, appetite: 1.5 }, days).foodG).toBeCloseTo(5 * (1.5 * 680 + 43), 6);
    const half = { ...SHORT_TRIP, menu: { ...SHORT_TRIP.menu, lunch: { ...SHORT_TRIP.menu.lunch, portion: 0.5 } } };
    expect(foodOf(half, days).foodG).toBeCloseTo(5 * (723 - 220), 6);
    expect(demandOfG(planTrip({ ...SHORT_TRIP, appetite: 1.5 }))).toBeGreaterThan(demandOfG(planTrip(SHORT_TRIP)));
  });

  it('heats supper, drink and wash-up in one lighting for less than in three', () => {
    const drink = withMethod({ ...dish('cocoa') }, 'hotDrink');
    const liquid = { ...SHORT_TRIP.kit, burnerId: 'liquid-pump', fuelId: 'liquid-white', windscreen: 'foil' as const };
    const trip = { ...SHORT_TRIP, kit: liquid, menu: { ...SHORT_TRIP.menu, drink } };
    const [one, each] = [true, false].map((oneLighting) => demandOfG(planTrip({ ...trip, oneLighting })));
    expect(each - one).toBeGreaterThan(5 * 4); // five primings of 4 g, and five cold pots
    expect(each - one).toBeLessThan(5 * 5);
  });
});

describe('the habit ledger', () => {
  const plan = planTrip(DEMO_TRIP);
  const ledger = habitLedger(DEMO_TRIP, plan);

  it('measures every habit by planning again, best first', () => {
    expect(ledger.habits.length).toBeGreaterThan(10);
    for (const h of ledger.habits) {
      const then = planTrip(h.trip);
      if (h.mealsMended >= 0) expect(demandOfG(then) - demandOfG(plan)).toBeCloseTo(h.fuelG, 6);
      if (!['drink', 'washUp'].includes(h.kind.code)) expect(doneMeals(then) - doneMeals(plan)).toBe(h.mealsMended - h.givenUp);
      expect(cookingTimeS(then) - cookingTimeS(plan)).toBeCloseTo(h.timeS, 3);
      expect(tripSchema.safeParse(h.trip).success).toBe(true);
    }
    // fewer hot meals are no saving: those come last, whatever they weigh; what is given up comes after what costs no comfort
    const givesUp = (h: (typeof ledger.habits)[number]) => h.fuelG < 0 && h.givenUp > 0;
    const rank = ledger.habits.map((h) => 1e6 * Math.max(0, -h.mealsMended) + 1e4 * (h.fuelG >= 0 ? 2 : givesUp(h) ? 1 : 0) + h.fuelG);
    expect(rank).toEqual([...rank].sort((a, b) => a - b));
    expect(ledger.habits.at(-1)?.mealsMended).toBeLessThan(0);
  });

  it('plans the best together as one: no worse than its best part, and not the sum', () => {
    const t = ledger.together;
    if (!t) throw new Error('nothing together');
    const parts = ledger.habits.filter((h) => t.kinds.includes(h.kind)).map((h) => h.fuelG);
    expect(t.fuelG).toBeLessThanOrEqual(Math.min(...parts) + 1e-9);
    expect(demandOfG(planTrip(t.trip)) - demandOfG(plan)).toBeCloseTo(t.fuelG, 6);
    expect(t.fuelG).not.toBeCloseTo(
      parts.reduce((a, b) => a + b, 0),
      3,
    );
  });

  it('offers what there is: raw food can be dried at home, a boiled brook be filtered', () => {
    const codes = (trip: Trip) => habitLedger(trip, planTrip(trip)).habits.map((h) => h.kind.code);
    const raw = calm(dish('raw pasta, little water'));
    expect(codes(raw)).toEqual(expect.arrayContaining(['homeDried', 'cozyForSimmer']));
    expect(codes(everyDay(SHORT_TRIP, { treatment: 'boilEpa' }))).toContain('filter');
  });
});

describe('cards and comparisons', () => {
  it('gives time with a range, rest and heat when eaten, from the plan', () => {
    const trip = calm(dish('home-dried dal and rice'));
    const card = dishCard(trip, planTrip(trip), 1, 'supper');
    const c = card?.cooked;
    if (!c) throw new Error('no card');
    expect(c.quickS).toBeLessThanOrEqual(c.planned.burn.durationS);
    expect(c.slowS).toBeGreaterThanOrEqual(c.planned.burn.durationS);
    expect(c.mixedC).toBeLessThan(c.planned.burn.targetC);
    expect(c.eatenC).toBeLessThan(c.mixedC);
    expect(c.needRestS).toBeGreaterThan(0);
    expect(dishCard(trip, planTrip(trip), 99, 'supper')).toBeUndefined();
    expect(dishCard(trip, planTrip(trip), 1, 'lunch')?.cooked).toBeUndefined();
  });

  it('learns from a word: hard asks for more than it got, mush for less', () => {
    expect([learntDoneMin(8, 'hard'), learntDoneMin(8, 'good'), learntDoneMin(8, 'mush')]).toEqual([10, 8, 6.4]);
  });

  it('compares food by 1,000 kcal: home work for the dried, fuel for the raw', () => {
    const rows = perThousandKcal(calm(dish('raw rice')), 1);
    const row = (name: string) => rows.find((r) => r.name === name);
    expect(row('raw rice')?.carriedG).toBeCloseTo((113 / 390) * 1000, 6);
    expect(row('raw rice')?.fuelG).toBeGreaterThan(row('home-dried dal and rice')?.fuelG ?? 99);
    expect(row('home-dried dal and rice')?.homeMin).toBeGreaterThan(0);
    expect(row('granola')?.fuelG).toBe(0);
    expect(row('tea')).toBeUndefined();
  });
});

describe('dishes as CSV', () => {
  it('come back as they went out', () => {
    const plain = DISHES.filter((d) => d.target.kind !== 'fry');
    const { good, bad } = valueOf(readDishCsv(writeDishCsv(plain)));
    expect(bad).toEqual([]);
    const kept = (m: Meal) => DISH_COLUMNS.map((c) => m[c]);
    expect(good.map(kept)).toEqual(plain.map(kept));
  });

  it('names broken rows by line, keeps the good ones, takes semicolons and decimal commas', () => {
    const read = valueOf(
      readDishCsv(
        'name;method;waterMl;dryG;price\nStew;boilPour;310;120;3,50\nMush;stewed;x;10;1\n;heatRest;200;10;1\nSea;boilPour;99999;10;1\n',
      ),
    );
    expect(read.good.map((m) => [m.name, m.waterMl, m.price])).toEqual([['Stew', 310, 3.5]]);
    expect(read.bad.map((b) => b.line)).toEqual([3, 4, 5]);
    expect(read.bad[0].cells).toEqual([
      { code: 'notANumber', column: 'waterMl', found: 'x' },
      expect.objectContaining({ code: 'notOneOf', column: 'method', found: 'stewed' }),
    ]);
    expect(problemOf(readDishCsv('a,b\n1,2')).code).toBe('noColumns');
    expect(problemOf(readDishCsv('')).code).toBe('emptyTable');
    expect(problemOf(readDishCsv('name,method\n')).code).toBe('emptyTable');
  });

  it('name the line of the file, past blank lines and cells that run over several', () => {
    const text = '\n\n name ,method,waterMl\r\n\r\n"Stew,\nof two lines",boilPour,300\n\n,,\nMush,stewed,100\n';
    const { good, bad } = valueOf(readDishCsv(text));
    expect(good.map((m) => m.name)).toEqual(['Stew,\nof two lines']);
    expect(bad.map((b) => b.line)).toEqual([9]);
  });

  it('never throws, whatever the file holds', () => {
    fc.assert(fc.property(fc.string(), (text) => expect(() => readDishCsv(text)).not.toThrow()));
  });
});

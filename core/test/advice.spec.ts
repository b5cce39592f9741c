import { BURNERS, FAMILY_FUEL, FAMILY_USE, FAMILY_WINDSCREENS } from '../src/domain/catalogue';
import { FUELS } from '../src/physics/fuel';
import type { Trip } from '../src/domain/model';
import { MOST_RELIGHTS, planTrip } from '../src/planning/plan';
import { coldView, flameCurve, mealDoses } from '../src/studies/study';
import { everyDay, firstCarry, SHORT_TRIP } from './short-trip';

const withBurner = (id: string, change: Partial<Trip['kit']> = {}): Trip => {
  const burner = BURNERS.find((b) => b.id === id) ?? BURNERS[0];
  const fuelId = FUELS.find((f) => f.kind === FAMILY_FUEL[burner.family])?.id ?? '';
  const screens = FAMILY_WINDSCREENS[burner.family];
  return {
    ...SHORT_TRIP,
    kit: { ...SHORT_TRIP.kit, burnerId: id, fuelId, windscreen: screens.includes('cone') ? 'cone' : 'folded', ...change },
  };
};
const supper = (trip: Trip) => {
  const m = planTrip(trip).days[0].meals.supper;
  if (!m) throw new Error('no supper');
  return m;
};

describe('every family of burners', () => {
  it.each(BURNERS.map((b) => [b.name, b.id] as const))(
    '%s: plans the demo, says how it is used, and carries what it burns',
    (_name, id) => {
      const trip = withBurner(id);
      const plan = firstCarry(trip);
      const burner = BURNERS.find((b) => b.id === id) ?? BURNERS[0];
      expect(Object.values<string>({ ...FAMILY_USE[burner.family] }).every((words) => words.length > 5)).toBe(true);
      expect(plan.fuelG).toBeGreaterThanOrEqual(plan.demandG - 1e-9);
      if (burner.family === 'wood') expect([plan.fuelG, plan.gatheredG > 0]).toEqual([0, true]);
      else if (burner.family === 'none') expect([plan.fuelG, plan.days[0].meals]).toEqual([0, {}]);
      else if (burner.family !== 'gel') expect(plan.problems.filter((p) => 'days' in p)).toEqual([]);
    },
  );

  it('a finned pot burns less, liquid fuel pays its priming, a snuffed burner keeps what is over', () => {
    expect(supper(withBurner('gas-micro', { pot: { ...SHORT_TRIP.kit.pot, base: 'finned' } })).burn.fuelG).toBeLessThan(
      supper(SHORT_TRIP).burn.fuelG,
    );
    expect(supper(withBurner('liquid-pump')).burn.ledger.heatJ.priming.sides).toBeCloseTo(4 * 44_300, 0);
    expect(supper(withBurner('alcohol-open', { snuffer: true })).burn.fuelG).toBeLessThan(supper(withBurner('alcohol-open')).burn.fuelG);
  });
});

describe('a foil wall round a can', () => {
  it('warms it: the caution stands, and the can ends warmer than without', () => {
    const walled = supper(withBurner('gas-micro', { windscreen: 'foil' }));
    expect(walled.burn.canEndC).toBeGreaterThan(supper(SHORT_TRIP).burn.canEndC ?? 99);
  });
});

describe('the best flame', () => {
  const curve = flameCurve(SHORT_TRIP, supper(SHORT_TRIP).facts);

  it('is a minimum, and its band holds it', () => {
    expect(curve?.best).toBeDefined();
    if (!curve?.best || !curve.band) return;
    const { best, band } = curve;
    for (const p of curve.points) if (p.outcome.kind === 'done') expect(p.fuelG).toBeGreaterThanOrEqual(best.fuelG);
    expect(band.from).toBeLessThanOrEqual(best.setting);
    expect(band.to).toBeGreaterThanOrEqual(best.setting);
    expect(curve.quick?.fuelG).toBeLessThanOrEqual(best.fuelG * 1.1);
    expect(curve.full?.durationS).toBeLessThan(best.durationS);
    expect(curve.full?.fuelG).toBeGreaterThan(best.fuelG);
  });

  it('moves up in wind, and low settings there are named as failing', () => {
    const windy = flameCurve(SHORT_TRIP, { ...supper(SHORT_TRIP).facts, flameWindMps: 3.5, potWindMps: 3.5 });
    expect(windy?.best?.setting).toBeGreaterThan(curve?.best?.setting ?? 1);
    expect(windy?.points[0].outcome.kind).not.toBe('done');
  });

  it('does not exist for a burner without a valve', () => {
    const trip = withBurner('alcohol-open');
    expect(flameCurve(trip, supper(trip).facts)).toBeUndefined();
  });
});

describe('the best dose', () => {
  it.each(['alcohol-open', 'tablet-single'])('%s: fewer relights the larger it is, and the best keeps to one in ten', (id) => {
    const trip = withBurner(id);
    const table = mealDoses(trip, supper(trip).facts);
    expect(table?.best.relight).toBeLessThanOrEqual(MOST_RELIGHTS + 1e-9);
    const relights = table?.choices.map((c) => c.relight) ?? [];
    relights.slice(1).forEach((r, i) => expect(r).toBeLessThanOrEqual(relights[i] + 1e-12));
    for (const c of table?.choices ?? [])
      if (table && c.relight <= MOST_RELIGHTS) expect(c.expectedG).toBeGreaterThanOrEqual(table.best.expectedG - 1e-9);
  });

  it('is the one that the plan pours, and counts with what it takes on average', () => {
    for (const id of ['alcohol-open', 'alcohol-simmer', 'tablet-double']) {
      const trip = withBurner(id);
      const meal = supper(trip);
      const table = mealDoses(trip, meal.facts);
      expect(meal.dose?.kind === 'alcohol' ? meal.dose.ml : meal.dose?.count).toBe(table?.best.amount);
      expect(meal.fuelG).toBe(table?.best.expectedG);
    }
  });

  it('never is more than the burner holds: a pot that wants more is named, and the second filling counted', () => {
    const windy = everyDay(withBurner('alcohol-open', { windscreen: 'none' }), { wind: { kind: 'flame', mps: 3 } });
    const meal = supper(windy);
    expect(meal.dose).toEqual({ kind: 'alcohol', ml: 60 });
    expect(meal.wantsRefill).toBe(true);
    expect(meal.fuelG).toBeGreaterThan(60 * 0.8);
    expect(firstCarry(windy).problems).toContainEqual(expect.objectContaining({ code: 'refill', meal: 'supper', holdsMl: 60 }));
  });

  it('pours in the walker’s measure, and a snuffer makes plenty cheap', () => {
    const trip = withBurner('alcohol-open', { measureMl: 15 });
    const table = mealDoses(trip, supper(trip).facts);
    expect(table?.choices.every((c) => c.amount % 15 === 0)).toBe(true);
    const snuffed = { ...trip, kit: { ...trip.kit, snuffer: true } };
    const last = (t: typeof table) => t?.choices.at(-1)?.expectedG ?? 0;
    expect(last(mealDoses(snuffed, supper(snuffed).facts))).toBeLessThan(last(table));
  });
});

describe('the cold view', () => {
  it('puts every hot meal on the map, colder days weaker, and counts those below the limit', () => {
    const freezing = everyDay(SHORT_TRIP, { supperAirC: -23, breakfastAirC: -27 });
    const view = coldView(freezing, planTrip(freezing), 2100);
    expect(view?.meals).toHaveLength(10);
    expect(view?.belowLimit).toBeGreaterThan(0);
    expect(view?.strength).toHaveLength(40);
    const warm = coldView(SHORT_TRIP, planTrip(SHORT_TRIP), 2100);
    expect(warm?.belowLimit).toBe(0);
    const limits = warm?.limits.map((l) => l.fullC ?? Number.NaN) ?? [];
    expect(limits[0]).toBeGreaterThan(limits[1]);
    expect(limits[1]).toBeGreaterThan(limits[2]);
  });

  it('is not for kits without a can', () => {
    const trip = withBurner('alcohol-open');
    expect(coldView(trip, planTrip(trip), 2100)).toBeUndefined();
  });
});

describe('cautions', () => {
  const codes = (trip: Trip) => firstCarry(trip).cautions.map((c) => c.code);
  it('are raised by what is there, and not otherwise', () => {
    expect(codes(SHORT_TRIP)).not.toContain('screenAroundCan');
    expect(codes(withBurner('gas-micro', { windscreen: 'foil' }))).toContain('screenAroundCan');
    expect(codes(withBurner('gas-remote', { windscreen: 'foil' }))).not.toContain('screenAroundCan');
    expect(codes(withBurner('alcohol-open'))).toEqual(expect.arrayContaining(['invisibleFlame', 'refuelCold', 'methanol', 'openFlameBan']));
    expect(codes(withBurner('alcohol-open', { fuelId: 'alcohol-strong' }))).not.toContain('methanol');
    expect(codes(withBurner('liquid-pump'))).toContain('primeOutside');
    expect(codes(withBurner('gas-micro', { canWarming: 'bath' }))).toContain('bathNotHot');
  });
});

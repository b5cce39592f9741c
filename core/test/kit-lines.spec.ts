import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { tripWithKit, build } from '../src/domain/kit';
import { hasRole, type Rack, type Trip } from '../src/domain/model';
import { hardwareMassG, missedMeals, planTrip, weightSums } from '../src/planning/plan';
import { AS_CARRIED, carriedKit, kitLines, lightestOnCarries, type KitLine } from '../src/studies/study';
import { valueOf } from './value-of';

const LINES = kitLines(DEMO_RACK, DEMO_TRIP, planTrip(DEMO_TRIP));
const withKitOf = (rack: Rack, id: string): Trip => {
  const kit = rack.kits.find((k) => k.id === id);
  if (!kit) throw new Error(`no kit ${id}`);
  return valueOf(tripWithKit(DEMO_TRIP, build(rack, kit)));
};

describe('the lines of kits on a trip', () => {
  it('are those of their plans: loads of every morning, sums, price, and what stays cold', () => {
    for (const line of LINES) {
      const trip = line.id === LINES[0].id ? DEMO_TRIP : withKitOf(DEMO_RACK, line.id);
      const plan = planTrip(trip);
      expect(line.sums).toEqual(weightSums(plan));
      expect(line.price).toBeCloseTo(plan.price, 9);
      expect(line.mealsMissed).toBe(missedMeals(trip, plan));
      expect(line.carries.map((c) => c.firstDay)).toEqual(plan.carries.map((c) => c.days[0].day));
      line.carries.forEach((c, i) => {
        expect(c.loadsG).toHaveLength(plan.carries[i].days.length + 1);
        expect(c.loadsG[0]).toBeCloseTo(plan.carries[i].profile.startG, 9);
        // a load never grows on the way, and never falls below what is no fuel
        c.loadsG.forEach((g, d) => {
          expect(g).toBeLessThanOrEqual((c.loadsG[d - 1] ?? Number.POSITIVE_INFINITY) + 1e-9);
          expect(g).toBeGreaterThanOrEqual(hardwareMassG(trip) - 1e-9);
        });
      });
    }
  });

  it('begin with the kit that is carried, under its name on the rack or as it is now', () => {
    const { id, name } = carriedKit(DEMO_RACK, DEMO_TRIP);
    expect([LINES[0].id, LINES[0].name]).toEqual([id, name]);
    expect(new Set(LINES.map((l) => l.id)).size).toBe(LINES.length);
    const changed: Trip = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, otherMassG: DEMO_TRIP.kit.otherMassG + 7 } };
    expect(carriedKit(DEMO_RACK, changed)).toEqual({ id: AS_CARRIED, name: 'as carried now' });
    const lines = kitLines(DEMO_RACK, changed, planTrip(changed));
    expect(lines[0].id).toBe(AS_CARRIED);
    expect(lines.length).toBe(LINES.length + (LINES[0].id === AS_CARRIED ? 0 : 1));
  });

  it('leave out what cannot be planned with', () => {
    const [first] = DEMO_RACK.kits;
    const pot = DEMO_RACK.pieces.find((p) => hasRole(p, 'pot'));
    const potAlone: Rack = {
      ...DEMO_RACK,
      kits: [...DEMO_RACK.kits, { ...first, id: 'bare', name: 'bare', pieceIds: pot ? [pot.id] : [] }],
    };
    expect(kitLines(potAlone, DEMO_TRIP, planTrip(DEMO_TRIP)).map((l) => l.id)).toEqual(LINES.map((l) => l.id));
  });
});

describe('the lightest of some kits, carry by carry', () => {
  it('is the one whose mornings weigh least there, by the first or on the mean', () => {
    for (const by of ['startG', 'averageG'] as const) {
      const found = lightestOnCarries(LINES, LINES, by);
      expect(found.map((f) => f.firstDay)).toEqual(LINES[0].carries.map((c) => c.firstDay));
      for (const { firstDay, days, id, ties } of found) {
        const loads = (k: KitLine): number[] =>
          Array.from({ length: by === 'startG' ? 1 : days }, (_, i) => {
            const carry = k.carries.findLast((c) => c.firstDay <= firstDay + i);
            return carry?.loadsG[firstDay + i - carry.firstDay] ?? Number.NaN;
          });
        const mean = (k: KitLine): number => loads(k).reduce((a, b) => a + b, 0) / loads(k).length;
        const best = Math.min(...LINES.map(mean));
        const chosen = LINES.find((l) => l.id === id);
        expect(chosen && mean(chosen)).toBeCloseTo(best, 9);
        for (const t of ties) expect(mean(LINES.find((l) => l.id === t) ?? LINES[0]) - best).toBeLessThanOrEqual(10);
      }
    }
  });

  it('is nobody among none', () => {
    expect(lightestOnCarries(LINES, [], 'startG')).toEqual([]);
    expect(lightestOnCarries([], LINES, 'startG')).toEqual([]);
  });
});

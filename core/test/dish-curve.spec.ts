import { cookedMin } from '../src/physics/burn';
import { DISHES, withMethod } from '../src/domain/menu';
import type { Day, Meal, Method, Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { dishCard, dishCurve, dishWays } from '../src/studies/study';
import { everyDay, SHORT_TRIP } from './short-trip';

const dish = (name: string): Meal => {
  const found = DISHES.find((d) => d.name === name);
  if (!found) throw new Error(`no dish ${name}`);
  return found;
};
const CALM: Partial<Day> = { supperAirC: 15, breakfastAirC: 15, waterC: 15, altitudeM: 0, wind: { kind: 'flame', mps: 0 } };
const POT = { ...SHORT_TRIP.kit.pot, name: 'big', diameterMm: 150, heightMm: 110, massG: 160, lidMassG: 30 };
const calm = (supper: Meal): Trip => ({
  ...everyDay({ ...SHORT_TRIP, kit: { ...SHORT_TRIP.kit, pot: POT } }, CALM),
  menu: { ...SHORT_TRIP.menu, supper },
});
const PACKET = dish('freeze-dried curry');
const cardOf = (trip: Trip) => {
  const cooked = dishCard(trip, planTrip(trip), 1, 'supper')?.cooked;
  if (!cooked) throw new Error('nothing is cooked');
  return cooked;
};
const curveOf = (trip: Trip) => {
  const curve = dishCurve(trip, planTrip(trip), 1, 'supper');
  if (!curve) throw new Error('no curve');
  return curve;
};

describe('a dish over its minutes', () => {
  it('heats up from the water’s temperature to the target in the time that is planned, a straight line where little is lost', () => {
    const trip = calm(PACKET);
    const { planned } = cardOf(trip);
    const { heating, flameOffS } = curveOf(trip);
    expect(heating[0]).toEqual({ s: 0, potC: 15 });
    expect(heating.at(-1)).toEqual({ s: planned.burn.durationS, potC: planned.burn.targetC });
    expect(flameOffS).toBe(planned.burn.durationS);
    const half = heating.find((p) => p.potC > (15 + planned.burn.targetC) / 2 - 0.01);
    // calm air at 15 °C takes a few per cent of the flame, more the hotter the pot is: half way is a little before half time
    expect((half?.s ?? 0) / flameOffS).toBeGreaterThan(0.44);
    expect((half?.s ?? 0) / flameOffS).toBeLessThan(0.5);
    heating.reduce((a, b) => {
      expect(b.s).toBeGreaterThan(a.s);
      expect(b.potC).toBeGreaterThanOrEqual(a.potC);
      return b;
    });
  });

  it('is held at the boil while it simmers, and rests from where the food has cooled it', () => {
    const trip = calm(dish('raw rice'));
    const { planned } = cardOf(trip);
    const { heating } = curveOf(trip);
    const [from, to] = heating.slice(-2);
    expect(to.s - from.s).toBeCloseTo(planned.facts.holdS, 6);
    expect(from.potC).toBe(to.potC);

    const packet = calm(PACKET);
    expect(curveOf(packet).resting[0].potC).toBeCloseTo(cardOf(packet).mixedC, 9);
  });

  it('is done when the card says so: by then it is cooked as far as the dish asks', () => {
    const trip = calm(PACKET);
    const { doneS, flameOffS, resting, eatS } = curveOf(trip);
    const { needRestS, coolS } = cardOf(trip);
    expect(doneS).toBeCloseTo(flameOffS + (needRestS ?? NaN), 6);
    expect(eatS).toBeCloseTo(flameOffS + Math.max(needRestS ?? NaN, coolS), 6);
    // the same by adding up the drawn points: minutes at 90 °C, straight between them
    const potC = (s: number): number => {
      const at = resting.findIndex((p) => p.s >= flameOffS + s);
      const [a, b] = [resting[Math.max(0, at - 1)], resting[at]];
      return b.s === a.s ? b.potC : a.potC + ((flameOffS + s - a.s) / (b.s - a.s)) * (b.potC - a.potC);
    };
    expect(cookedMin(potC, (doneS ?? 0) - flameOffS)).toBeCloseTo(PACKET.doneMin, 1);
  });

  it('has no curve where nothing is heated', () => {
    const trip = calm(withMethod(PACKET, 'coldSoak'));
    expect(dishCurve(trip, planTrip(trip), 1, 'supper')).toBeUndefined();
    expect(dishCurve(trip, planTrip(trip), 99, 'supper')).toBeUndefined();
  });
});

describe('other ways to the same dish', () => {
  const waysOf = (trip: Trip) => dishWays(trip, planTrip(trip), 1, 'supper');

  it('hold the planned one as it is planned', () => {
    const trip = calm(PACKET);
    const planned = waysOf(trip).find((w) => w.isPlanned);
    const card = cardOf(trip);
    expect(planned).toMatchObject({ method: PACKET.method, fuelG: card.planned.fuelG });
    expect(planned?.doneS).toBeCloseTo(card.planned.burn.durationS + (card.needRestS ?? NaN), 6);
  });

  it('take what the plan takes once they are chosen', () => {
    const trip = calm(PACKET);
    const others = waysOf(trip).filter((w) => !w.isPlanned && w.fuelG > 0);
    expect(others.map((w) => w.method)).toEqual(expect.arrayContaining<Method>(['simmer', 'boilCozy', 'heatRest']));
    for (const { method, fuelG, doneS } of others) {
      const chosen = calm(withMethod(PACKET, method));
      const { planned, needRestS } = cardOf(chosen);
      expect([method, fuelG / planned.fuelG]).toEqual([method, expect.closeTo(1, 2)]);
      expect([method, doneS]).toEqual([method, expect.closeTo(planned.burn.durationS + (needRestS ?? NaN), -1)]);
    }
  });

  it('cost less where the flame is shut sooner, and nothing cold', () => {
    const grams = Object.fromEntries(waysOf(calm(PACKET)).map((w) => [w.method, w.fuelG]));
    expect(grams['heatRest']).toBeLessThan(grams['boilPour']);
    expect(grams['boilPour']).toBeLessThan(grams['simmer']);
    expect(grams['coldSoak']).toBe(0);
  });

  it('leave out what cannot be: raw rice soaked cold, and all of them for a drink', () => {
    expect(waysOf(calm(dish('raw rice'))).map((w) => w.method)).not.toContain('coldSoak');
    expect(waysOf(calm(dish('tea')))).toEqual([]);
  });
});

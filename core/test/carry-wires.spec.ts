import { fuelOfG, tareOfG } from '../src/domain/carry';
import { DEMO_TRIP } from '../src/demo';
import { withBurner } from '../src/domain/kit';
import type { Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { carryWires, drinkMore, saveBelow, wholeStretch } from '../src/output/walk';

const PLAN = planTrip(DEMO_TRIP);
const withKit = (burnerId: string): Trip => ({ ...DEMO_TRIP, kit: withBurner(DEMO_TRIP.kit, burnerId) });

describe('the tripwires on a card', () => {
  const wires = PLAN.carries.map((c) => carryWires(DEMO_TRIP, c));

  it('are read on every evening that another one follows, from more to less', () => {
    wires.forEach((camps, i) => {
      const days = PLAN.carries[i].days.map((d) => d.day);
      expect(camps.length).toBeGreaterThan(0);
      for (const camp of camps) {
        expect(days).toContain(camp.day);
        const readings = [...camp.savings.map((s) => s.below.fuelG), ...(camp.tooLittle ? [camp.tooLittle.fuelG] : [])];
        readings.forEach((g, k) => expect(g).toBeLessThanOrEqual(k ? readings[k - 1] : Number.POSITIVE_INFINITY));
        for (const s of camp.savings) expect(s.annoyances.length).toBeGreaterThan(0);
      }
      camps.forEach((camp, k) => {
        if (k) expect(camp.plannedLeft.fuelG).toBeLessThanOrEqual(camps[k - 1].plannedLeft.fuelG + 1e-6);
      });
    });
  });

  it('say what is planned to be left before supper: what left the stop less what is burnt until then', () => {
    PLAN.carries.forEach((carry, i) => {
      for (const { day, plannedLeft } of wires[i]) {
        const gone = carry.days
          .flatMap((d) => Object.values(d.meals))
          .filter((m) => m.day < day || (m.day === day && ['breakfast', 'lunch'].includes(m.meal)));
        const leftG = fuelOfG(carry.containers) - gone.reduce((sum, m) => sum + m.fuelG, 0);
        expect(plannedLeft.fuelG).toBeCloseTo(leftG, 3);
        expect(plannedLeft.grossG).toBe(Math.ceil(plannedLeft.fuelG + tareOfG(carry.containers) - 1e-9));
      }
    });
  });

  it('stand highest on the card where the plan names one for a day', () => {
    for (const [i, camps] of wires.entries())
      for (const { day, savings } of camps) {
        const below = saveBelow(DEMO_TRIP, PLAN.carries[i], day);
        if (below && savings.length) expect(savings[0].below.fuelG).toBeGreaterThanOrEqual(below.fuelG - 1e-6);
      }
  });

  it('are none where nothing is carried', () => {
    const wood = withKit('wood-box');
    const { carries } = planTrip(wood);
    for (const c of carries) {
      expect(carryWires(wood, c)).toEqual([]);
      expect(saveBelow(wood, c, c.days[0].day)).toBeUndefined();
    }
  });
});

describe('one more hot drink', () => {
  it('burns some grams by the model, more in the cold, and none without a flame', () => {
    const [carry] = PLAN.carries;
    const stretch = wholeStretch(carry);
    const [day] = carry.days;
    const mild = drinkMore(DEMO_TRIP, stretch, { ...day, supperAirC: 15, waterC: 15 });
    const cold = drinkMore(DEMO_TRIP, stretch, { ...day, supperAirC: 0, waterC: 1 });
    expect(mild?.modelG).toBeGreaterThan(1);
    expect(cold?.modelG).toBeGreaterThan(mild?.modelG ?? Number.POSITIVE_INFINITY);
    expect(mild?.share).toBeGreaterThan(0);
    const none = withKit('none');
    expect(drinkMore(none, wholeStretch(planTrip(none).carries[0]), day)).toBeUndefined();
  });
});

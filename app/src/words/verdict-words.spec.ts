import { DEMO_TRIP } from '@tinder/core/demo';
import type { Trip } from '@tinder/core/domain/model';
import { planTrip } from '@tinder/core/planning/plan';
import { adviceOn } from '@tinder/core/studies/study';
import { editLeg, paintDays } from '@tinder/core/domain/trail';
import { formatQuantity, METRIC, type Quantity } from '@tinder/core/foundation/units';
import { dayWords } from './problem-words';
import { withBurner } from '@tinder/core/domain/kit';
import type { RiskOfCarry } from '@tinder/core/studies/study';
import { fitted, verdictWords } from './verdict-words';

const units = {
  text: (v: number, q: Quantity, d?: number) => formatQuantity(v, q, METRIC[q], d),
  mealMass: (g: number) => formatQuantity(g, 'mass', 'g', 1),
};
const quantilesG = { 5: 112, 25: 117, 50: 120, 75: 123, 95: 128, 98: 131 };
const verdict = (trip: Trip, risk?: RiskOfCarry): string => {
  const plan = planTrip(trip);
  const [carry] = plan.carries;
  const tightest = risk && { carry, risk };
  const { lead, second, why } = verdictWords(carry, adviceOn(trip, plan, carry), tightest, 0.02, units);
  return [...lead, ...second, ...why].map((s) => s.text).join('');
};

describe('verdict', () => {
  it('says what to carry out, how tight it is and what would help', () => {
    const risk = {
      runOut: 0.0625,
      standardError: 0.002,
      meanG: 120,
      sdG: 5,
      outByDay: [],
      quantilesG,
      fuelForLimitG: 131,
      unknownBurnerG: 9,
      factorSd: 0.12,
    };
    expect(verdict(DEMO_TRIP, risk)).toMatch(
      /^Leave Nettle Hut with two 100 g canisters: \d+ g for 5 days, \d+ g left at Harrow Junction\. Riskiest leg: this one, 1 in 16 chance of running out, over your limit\. With one 230 g canister you would leave Nettle Hut 10 g lighter and carry .* Heat to 88 °C instead of boiling: saves \d+ g of fuel\. Eat breakfast cold: saves \d+ g carried, costs comfort/,
    );
  });

  it('is cut to the room there is, the least needed first, and stands without it', () => {
    const plan = planTrip(DEMO_TRIP);
    const { lead, second } = verdictWords(plan.carries[0], adviceOn(DEMO_TRIP, plan, plan.carries[0]), undefined, 0.02, units);
    const said = [...lead, ...second];
    const read = (most: number) =>
      fitted(said, most)
        .map((s) => s.text)
        .join('');
    const answer = 'Leave Nettle Hut with two 100 g canisters';
    expect(read(1000)).toMatch(new RegExp(`^${answer}: \\d+ g for 5 days, \\d+ g left at Harrow Junction\\. $`));
    expect(read(90)).toMatch(new RegExp(`^${answer}, \\d+ g left at Harrow Junction\\. $`));
    expect(read(40)).toBe(`${answer}. `);
  });

  it('names the riskiest leg where it is another, and says nothing of risk while it is drawn', () => {
    const { carries } = planTrip(DEMO_TRIP);
    const risk = {
      runOut: 0,
      standardError: 0.0001,
      meanG: 70,
      sdG: 5,
      outByDay: [],
      quantilesG,
      fuelForLimitG: 80,
      unknownBurnerG: 9,
      factorSd: 0.12,
    };
    const { second: said, state } = verdictWords(carries[0], { changes: [] }, { carry: carries[4], risk }, 0.02, units);
    expect(state).toBe('within');
    expect(said.map((s) => s.text).join('')).toContain(
      'Riskiest leg: Lantern Ferry to Saltfell, rarer than 1 in 1,000 chance of running out, within your limit.',
    );
    expect(said.find((s) => s.ref?.kind === 'risk')?.ref).toEqual({ kind: 'risk', stopId: carries[4].fromStopId });
    expect(verdict(DEMO_TRIP)).not.toContain('runs out');
  });

  it('counts bottles and tablets in their own words', () => {
    expect(verdict({ ...DEMO_TRIP, kit: withBurner(DEMO_TRIP.kit, 'alcohol-open') })).toMatch(
      /\d+ mL of alcohol in (one bottle|\d bottles)/,
    );
    expect(verdict({ ...DEMO_TRIP, kit: { ...withBurner(DEMO_TRIP.kit, 'tablet-single'), windscreen: 'foil' } })).toMatch(
      /\d+ tablets of 14 g/,
    );
  });

  it('names the meal that cannot be cooked and the mend, not a figure', () => {
    const windy: Trip = {
      ...paintDays(DEMO_TRIP, 1, 5, { wind: { kind: 'words', word: 'out' } }),
      kit: { ...DEMO_TRIP.kit, windscreen: 'none' },
    };
    expect(verdict(windy)).toMatch(
      /But breakfast on .*, and \d+ more meals fail\. It cooks below .* find a lee; fuel is provided for that\. .* mends \d+ meals/,
    );
  });

  it('says it plainly when every meal is cold', () => {
    const cold = {
      ...DEMO_TRIP,
      menu: { ...DEMO_TRIP.menu, breakfast: { ...DEMO_TRIP.menu.breakfast, hot: false }, supper: { ...DEMO_TRIP.menu.supper, hot: false } },
    };
    expect(verdict(cold)).toContain('without fuel: every meal is cold');
  });

  it('says that a ban makes meals cold', () => {
    expect(verdict(editLeg(DEMO_TRIP, 0, { restriction: 'noFlame' }))).toContain('On days 1–5 no flame is allowed');
    const mixed = verdict({
      ...editLeg({ ...DEMO_TRIP, stops: DEMO_TRIP.stops.map((s) => ({ ...s, sells: [] })) }, 1, { restriction: 'noFlame' }),
    });
    expect(mixed).toContain('On days 6–9 no flame is allowed: meals are cold');
  });

  it('joins days as people do', () => {
    expect([[3], [1, 2], [2, 3, 4], [1, 3, 5]].map(dayWords)).toEqual(['day 3', 'days 1 and 2', 'days 2–4', 'days 1, 3 and 5']);
  });
});

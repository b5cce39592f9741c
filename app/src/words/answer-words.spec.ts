import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { formatQuantity, METRIC, type Quantity } from '@tinder/core/foundation/units';
import { walkHere } from '@tinder/core/output/walk';
import { containerEnds } from './container-end-words';
import type { Units } from './units';
import { walkVerdictWords } from './walk-verdict-words';

const units = { text: (v: number, q: Quantity, d?: number) => formatQuantity(v, q, METRIC[q], d) } as Units;
const plan = planTrip(DEMO_TRIP);

describe('what becomes of the containers of a leg', () => {
  it('is said of each, in the order of use, and adds up to what is left on arrival', () => {
    for (const carry of plan.carries) {
      const ends = containerEnds(carry, units);
      expect(ends).toHaveLength(carry.containers.length);
      const leftG = ends.reduce((sum, e) => sum + e.kept * e.container.fuelG, 0);
      expect(leftG).toBeCloseTo(carry.fuelG - carry.demandG, 6);
    }
    // two of 100 g for a need of 119 g: the first is empty after 100 g, 81 g are left in the other
    expect(containerEnds(plan.carries[0], units).map((e) => `${e.words}: ${e.end}`)).toEqual([
      '100 g, new: used up by day 4',
      '100 g, new: 81 g left on arrival',
    ]);
  });
});

describe('the verdict of a walk', () => {
  it('says what is left, whether it lasts and the chance against the limit, and never of a stop that was left', () => {
    const here = walkHere(DEMO_TRIP, plan, '2027-08-26');
    if (!here) throw new Error('the sample is half walked');
    const said = (runOut: number) => {
      const { lead, second, state } = walkVerdictWords({ ...here, forecast: { ...here.forecast, runOut } }, units);
      return { state, words: [...lead, ...second].map((s) => s.text).join('') };
    };
    expect(said(0.0001)).toMatchObject({
      state: 'within',
      words: expect.stringMatching(/^Day 11: \d+ g left, enough to reach Tarn House on day 17\. Rarer than 1 in 1,000/) as string,
    });
    expect(said(0.1)).toMatchObject({ state: 'tight', words: expect.stringContaining('tight to reach') as string });
    expect(said(0.7)).toMatchObject({
      state: 'short',
      words: expect.stringContaining('70 in 100 chance of running out, over your limit of 1 in 50') as string,
    });
  });
});

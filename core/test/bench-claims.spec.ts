import fc from 'fast-check';
import type { CONTRAST_IDS } from '../src/studies/bench';
import { claimAnswer, claimOf, CLAIMS, contrastOf, confounders, conditionsOf, type Claim, type Ranges } from '../src/studies/bench';
import { newSetup, type TestSetup } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { claimsStand, rangesOf, trailSetup } from '../src/studies/study';
import { SHORT_TRIP } from './short-trip';

const KIT = { ...SHORT_TRIP.kit, flameSetting: 0.7 };
const CALM = newSetup('kit', KIT);
const HERE: Ranges = { windMps: { min: 0, max: 0.5 }, airC: { min: 14, max: 16 }, waterMl: { min: 500, max: 500 } };
const claim = (id: string): Claim => CLAIMS.find((c) => c.id === id) ?? CLAIMS[0];
const windy = (mps: number): TestSetup => ({ ...CALM, wind: { kind: 'flame', mps } });

describe('sayings of the trade', () => {
  it('are some twenty, each about something that is known or said to be unknown', () => {
    expect(CLAIMS.length).toBeGreaterThanOrEqual(20);
    expect(new Set(CLAIMS.map((c) => c.id)).size).toBe(CLAIMS.length);
    expect(CLAIMS.filter((c) => c.contrast === undefined).map((c) => claimAnswer(c, CALM, HERE).verdict)).toEqual(['notModelled']);
  });

  it('turn with the wind: a windscreen saves little in a calm and half of it in a wind', () => {
    const calm = claimAnswer(claim('windscreenHalves'), windy(0.5), HERE);
    expect(calm.verdict).toBe('holdsNot');
    expect(calm.saves?.mean).toBeLessThan(0.2);
    expect(calm.turns.some((t) => t.axis === 'windMps' && t.at > 1 && t.at < 6)).toBe(true);
    const ridge = claimAnswer(claim('windscreenHalves'), windy(2), { ...HERE, windMps: { min: 0, max: 6 } });
    expect(ridge.verdict).toBe('depends');
  });

  it('are too small to see where a scale could not see them: warm can against cold, as weighed (6 g and 7 g are the same)', () => {
    expect(claimAnswer(claim('warmCan'), CALM, HERE).verdict).toBe('tooSmall');
  });

  it('hold where they do: gas against alcohol by weight, a full can against a nearly empty one by the clock', () => {
    expect(claimAnswer(claim('gasAlcohol'), CALM, HERE).verdict).toBe('holds');
    expect(claimAnswer(claim('fullCanQuick'), { ...CALM, can: { ...CALM.can, canC: 2 } }, HERE).saves?.mean).toBeGreaterThan(0.1);
  });

  it('call nothing thrifty that does not cook', () => {
    const storm = claimAnswer({ id: 'x', contrast: 'windscreen', of: 'fuel', by: 0 }, windy(9), HERE);
    expect(storm.verdict).toBe('bFails');
    expect(storm.saves).toBeUndefined();
    const both = claimAnswer(
      { id: 'x', contrast: 'sleeve', of: 'fuel', by: 0 },
      { ...windy(9), kit: { ...KIT, windscreen: 'none' } },
      HERE,
    );
    expect(both.verdict).toBe('bothFail');
  });

  it('have an interval that holds their mean, whatever is asked in whatever weather', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CLAIMS),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.integer({ min: 250, max: 700 }),
        (c, mps, waterMl) => {
          const { saves } = claimAnswer(c, { ...windy(mps), waterMl }, HERE);
          if (!saves) return;
          expect(saves.low).toBeLessThanOrEqual(saves.mean);
          expect(saves.high).toBeGreaterThanOrEqual(saves.mean);
        },
      ),
      { numRuns: 15, endOnFailure: true },
    );
  });

  it('can be the walker’s own, about anything that is known', () => {
    expect(claimOf({ id: 'mine', words: 'my lid saves half', changeId: 'lid', of: 'fuel', by: 0.5 })).toEqual({
      id: 'mine',
      contrast: 'lid',
      of: 'fuel',
      by: 0.5,
    });
    expect(claimOf({ id: 'mine', words: 'x', changeId: 'moon', of: 'fuel', by: 0 })).toBeUndefined();
  });
});

describe('contrasts', () => {
  it('differ in what they are about', () => {
    const differs = (id: (typeof CONTRAST_IDS)[number]) => {
      const c = contrastOf(id, CALM);
      return c && confounders(conditionsOf(c.a), conditionsOf(c.b));
    };
    expect(differs('lid')).toEqual(['lid']);
    expect(differs('sleeve')).toEqual(['sleeve']);
    expect(differs('windscreen')).toEqual(['windscreen']);
    expect(differs('warmCan')).toEqual(['canC']);
    expect(differs('lowFlame')).toEqual(['flame']);
  });

  it('are not offered to a kit that has nothing of the kind', () => {
    const spirit = newSetup('spirit', { ...KIT, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' });
    expect((['warmCan', 'fullCan', 'lowFlame', 'regulated'] as const).map((id) => contrastOf(id, spirit))).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });
});

describe('sayings on a trip', () => {
  it('are asked about its own meals, and answered by the walker’s tests beside the model', () => {
    const plan = planTrip(SHORT_TRIP);
    const setup = trailSetup(SHORT_TRIP, plan, 'kit');
    const ranges = rangesOf(SHORT_TRIP, plan);
    expect(setup.airC).toBeGreaterThanOrEqual(ranges.airC.min);
    expect(setup.airC).toBeLessThanOrEqual(ranges.airC.max);
    const lid = contrastOf('lid', setup);
    if (!lid) throw new Error('every pot has a lid');
    const question = {
      id: 'q',
      on: '2027-05-01',
      question: 'lid?',
      contrastId: 'lid',
      ...lid,
      nameA: 'on',
      nameB: 'off',
      pairs: 2,
      expected: '',
      concluded: '',
      garden: null,
    };
    const [stands] = claimsStand([claim('lidFifth')], setup, ranges, { series: [question], tests: [] });
    expect(stands.own?.answer.refused).toEqual({ code: 'noRuns' });
    const [simulated] = claimsStand([claim('lidFifth')], setup, ranges, { series: [{ ...question, garden: 7 }], tests: [] });
    expect(simulated.own).toBeUndefined();
  });
});

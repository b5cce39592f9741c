import { pinMendWords } from './pin-mend-words';
import type { Burn } from '@tinder/core/physics/burn';
import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import type { PlannedMeal } from '@tinder/core/planning/planned';
import { formatQuantity, METRIC, type Quantity } from '@tinder/core/foundation/units';
import { containerWords } from './container-words';
import { oddsWords, riskWords } from './risk-words';
import { cautionWords } from './caution-words';
import { carriedWords } from './weight-words';
import { doseWords, outcomeWords } from './meal-words';
import { problemWords } from './problem-words';

const units = { text: (v: number, q: Quantity, d?: number) => formatQuantity(v, q, METRIC[q], d) };
const supper = planTrip(DEMO_TRIP).days[0].meals.supper as PlannedMeal;
const ending = (outcome: Burn['outcome'], edge: PlannedMeal['edge'] = { code: 'lee', unscreenedMps: 5.6 }): PlannedMeal => ({
  ...supper,
  burn: { ...supper.burn, outcome },
  edge,
});

describe('words of the weight chart', () => {
  it('go from the first morning over the heaviest to the last evening', () => {
    const plan = planTrip(DEMO_TRIP);
    const most = plan.carries.reduce((a, b) => (b.profile.startG > a.profile.startG ? b : a));
    const words = carriedWords(plan, units).replace(/\s/g, ' ');
    expect(words).toContain(`${Math.round(plan.carries[0].profile.startG)} g on the first morning`);
    expect(words).toContain(`at most ${Math.round(most.profile.startG)} g on day ${most.days[0].day}`);
    expect(words).toContain(`${Math.round(plan.carries.at(-1)?.profile.days.at(-1)?.totalG ?? 0)} g at the end`);
  });
});

describe('words of a meal', () => {
  it('give the dose in the hand', () => {
    expect(doseWords({ kind: 'alcohol', ml: 25 }, units)).toBe('pour 25 mL');
    expect(doseWords({ kind: 'tablets', count: 1, keptG: 0.2 }, units)).toBe('light 1 tablet');
    expect(doseWords({ kind: 'tablets', count: 2, keptG: 5.4 }, units)).toBe('light 2 tablets, keep 5 g');
  });

  it('say why it cannot be cooked, with numbers and a mend', () => {
    expect(outcomeWords(ending({ kind: 'stalls', atC: 71.4 }), units)).toMatch(/Stalls at 71 °C, short of 94 °C.*find a lee/);
    expect(outcomeWords(ending({ kind: 'mayBlowOut', flameWindMps: 5, limitMps: 4 }), units)).toMatch(
      /5\.0 m\/s at the flame.*4\.0 m\/s.*find a lee/,
    );
    expect(outcomeWords(ending({ kind: 'wontRun' }, { code: 'warmCan', canC: -4 }), units)).toMatch(
      /at 10 °C the canister has no pressure\. It cooks with the canister at [−-]4 °C when lit: warm it in the jacket/,
    );
    expect(outcomeWords(supper, units)).toBe('');
  });
});

describe('words of a problem', () => {
  it('name meal, days and limit', () => {
    expect(
      problemWords(
        { code: 'mayBlowOut', meal: 'supper', edge: { code: 'lee', unscreenedMps: 5.6 }, days: [2, 3, 4], flameWindMps: 8, limitMps: 7 },
        units,
      ),
    ).toBe(
      'The flame may blow out at dinner on days 2–4 (8.0 m/s at the flame, about 7.0 m/s is its limit). It cooks below 5.6 m/s at an unscreened flame: find a lee; fuel is provided for that.',
    );
    expect(problemWords({ code: 'boilsFirst', meal: 'breakfast', onDays: [3, 4], targetC: 95, boilC: 91.3 }, units)).toMatch(
      /cannot reach 95 °C on days 3 and 4: water boils at 91 °C/,
    );
    expect(problemWords({ code: 'flameRaised', setting: 350 / 1900 }, units)).toContain('18 %');
  });
});

describe('words of a caution', () => {
  it('say what to do, with numbers, and defer to the maker', () => {
    expect(cautionWords({ code: 'screenAroundCan' }, units)).toMatch(/feel the can.*maker’s manual/);
    expect(cautionWords({ code: 'overfull', waterMl: 900, roomMl: 675 }, units)).toMatch(/900 mL.*675 mL/);
    expect(cautionWords({ code: 'hotCan', canC: 53 }, units)).toMatch(/53 °C/);
    expect(cautionWords({ code: 'openFlameBan' }, units)).toContain('land manager');
  });
});

describe('words of a container', () => {
  it('say what it is and how full', () => {
    const format = units.text;
    expect(containerWords({ kind: 'canister', netG: 100, tareG: 95, fuelG: 100 }, format)).toBe('100 g canister, new');
    expect(containerWords({ kind: 'canister', netG: 100, tareG: 95, fuelG: 41 }, format)).toBe('100 g canister, 41 g in it');
    expect(containerWords({ kind: 'canister', netG: 100, tareG: 95, fuelG: 0 }, format)).toBe('100 g canister, empty');
    expect(containerWords({ kind: 'bottle', sizeMl: 500, fillMl: 320, tareG: 40, fuelG: 256 }, format)).toBe('500 mL bottle, 320 mL in it');
    expect(containerWords({ kind: 'tablets', count: 18, tabletG: 14, tareG: 9, fuelG: 252 }, format)).toBe('18 tablets of 14 g');
  });
});

describe('words of a risk', () => {
  const risk = (runOut: number, fuelForLimitG: number) => ({
    runOut,
    standardError: runOut === 0 ? 0.0001 : Math.sqrt((runOut * (1 - runOut)) / 10_000),
    meanG: 120,
    sdG: 5,
    outByDay: [runOut],
    quantilesG: { 5: 112, 25: 117, 50: 120, 75: 123, 95: 128, 98: 131 },
    fuelForLimitG,
    unknownBurnerG: 8,
    factorSd: 0.12,
  });

  it('say it in times, with how sure it is, and what the limit asks for', () => {
    expect(oddsWords(0.0625)).toBe('1 in 16');
    expect(oddsWords(0.74)).toBe('74 in 100');
    expect(oddsWords(1)).toBe('100 in 100');
    // what cannot be told from none, and what nobody plans by, is said alike
    for (const rare of [0, 0.0004]) expect(oddsWords(rare)).toBe('rarer than 1 in 1,000');
    expect(riskWords(risk(0.0625, 131), { demandG: 120, fuelG: 126 }, 0.02, units)).toEqual({
      state: 'tight',
      chance: '1 in 16',
      limit: '1 in 50',
      more: 'Carry 5 g more to meet your 1-in-50 limit.',
      why: [
        'Drawn: 6.3 % ± 0.2 %.',
        'Nine trips in ten burn 112 g to 128 g.',
        'A reserve of 11 g meets your limit. Of it 8 g are for not knowing the stove: stove, pot and hand may be off together by 12 % (assumed, until burn tests or a log narrow it).',
      ],
    });
    expect(riskWords(risk(0, 131), { demandG: 120, fuelG: 200 }, 0.02, units)).toMatchObject({ state: 'within', more: '' });
  });
});

describe('ways out of a pin that is too small', () => {
  it('are things to do', () => {
    expect(
      [
        { code: 'more', stop: 'Nettle Hut', netG: 230 } as const,
        { code: 'box', stop: 'Marl Cross' } as const,
        { code: 'coldSuppers', nights: 1 } as const,
        { code: 'coldSuppers', nights: 3 } as const,
        { code: 'kit', name: 'tablets under a mug' } as const,
        { code: 'unpin', stop: 'Nettle Hut' } as const,
      ].map(pinMendWords),
    ).toEqual([
      'one more 230 g canister at Nettle Hut',
      'a box posted to Marl Cross',
      'the last dinner eaten cold',
      'the last 3 dinners eaten cold',
      'carry tablets under a mug instead',
      'let Nettle Hut be chosen again',
    ]);
  });
});

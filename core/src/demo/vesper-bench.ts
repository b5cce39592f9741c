import { build, tripKitOf } from '../domain/kit';
import {
  newSetup,
  newTest,
  type Arm,
  type Bench,
  type BenchTest,
  type CoolingTest,
  type Kit,
  type Rack,
  type TestSetup,
} from '../domain/model';

/**
 * The invented walker's season at the bench: 24 burns of three kits in one garden, one of them far off, one question that the scale could answer
 * and one that it could not. Weighings and times were drawn once from the burn model with every error on.
 */

type Conditions = Pick<TestSetup, 'waterMl' | 'waterC' | 'airC'> & { windMps: number };
/** Fuel in the can as it was lit, g before and after on the scale, and seconds. */
type Reading = [canLeftG: number, beforeG: number, afterG: number, seconds: number];
interface Session {
  on: string;
  kitId: string;
  conditions: Conditions;
  seriesId?: string;
  burns: { change?: Partial<Kit>; also?: Partial<Conditions>; arm?: Arm; note?: string; read: Reading }[];
}

const APRIL: Conditions = { waterMl: 500, waterC: 8, airC: 9, windMps: 0.5 };
const SCREEN: Record<Arm, Partial<Kit>> = { a: { windscreen: 'folded' }, b: { windscreen: 'none', windscreenMassG: 0 } };
const SLEEVE: Record<Arm, Partial<Kit>> = { a: { sleeveOn: true }, b: { sleeveOn: false } };
const pairs = (arms: Record<Arm, Partial<Kit>>, readings: readonly [Arm, Reading][]): Session['burns'] =>
  readings.map(([arm, read]) => ({ change: { flameSetting: 0.7, ...arms[arm] }, arm, read }));

/** A pot of half a litre as it cooled, read to half a degree. */
const COOLING_EVERY_S = 150;
const LID_C = [94, 91.5, 89, 86.5, 84, 81.5, 80, 77.5, 75.5, 73, 71, 69.5, 68];
const SLEEVE_C = [94, 93, 91.5, 90, 89, 87.5, 86.5, 85.5, 84, 83, 81.5, 81, 79.5];

const sessions = (kitId: string): Session[] => [
  {
    on: '2026-04-11',
    kitId,
    conditions: APRIL,
    burns: [
      { change: { flameSetting: 0.4 }, read: [160, 311, 301, 496] },
      { change: { flameSetting: 0.7 }, note: 'the hose went over the scale in between', read: [150, 301, 282, 447] },
      { change: { flameSetting: 1 }, read: [131, 282, 272, 454] },
    ],
  },
  {
    on: '2026-04-18',
    kitId,
    conditions: APRIL,
    burns: [
      { change: { flameSetting: 0.7 }, also: { waterMl: 700 }, read: [121, 272, 258, 614] },
      { change: { flameSetting: 0.7 }, also: { windMps: 3 }, read: [107, 258, 246, 528] },
      { change: { flameSetting: 0.5 }, also: { windMps: 3 }, read: [95, 246, 235, 603] },
    ],
  },
  {
    on: '2026-05-09',
    kitId,
    seriesId: 'screen',
    conditions: { waterMl: 500, waterC: 10, airC: 12, windMps: 3.5 },
    burns: pairs(SCREEN, [
      ['a', [140, 291, 278, 570]],
      ['b', [127, 278, 258, 969]],
      ['b', [107, 258, 240, 785]],
      ['a', [89, 240, 229, 566]],
      ['a', [78, 229, 219, 507]],
      ['b', [68, 219, 202, 859]],
      ['b', [51, 202, 189, 650]],
      ['a', [38, 189, 177, 632]],
    ]),
  },
  {
    on: '2026-05-16',
    kitId,
    seriesId: 'sleeve',
    conditions: { waterMl: 500, waterC: 12, airC: 14, windMps: 0.5 },
    burns: pairs(SLEEVE, [
      ['a', [210, 361, 350, 360]],
      ['b', [199, 350, 340, 350]],
      ['b', [189, 340, 330, 457]],
      ['a', [179, 330, 319, 410]],
      ['a', [168, 319, 309, 435]],
      ['b', [158, 309, 299, 394]],
    ]),
  },
  {
    on: '2026-06-06',
    kitId: 'alcohol-cone',
    conditions: { waterMl: 450, waterC: 12, airC: 15, windMps: 0.5 },
    burns: [{ read: [0, 265, 247, 343] }, { also: { windMps: 2 }, read: [0, 247, 228, 349] }],
  },
  {
    on: '2026-06-13',
    kitId: 'alcohol-cone',
    conditions: { waterMl: 700, waterC: 12, airC: 15, windMps: 0.5 },
    burns: [{ read: [0, 265, 238, 505] }],
  },
  {
    on: '2026-06-20',
    kitId: 'tablets-light',
    conditions: { waterMl: 300, waterC: 14, airC: 16, windMps: 0.5 },
    burns: [{ read: [0, 65, 51, 682] }],
  },
];

/** The season, burnt with kits of this rack; `kitId` is the one with the can. */
export function demoBench(rack: Pick<Rack, 'pieces' | 'kits'>, kitId: string): Bench {
  const builds = new Map(rack.kits.map((kit) => [kit.id, { name: kit.name, built: tripKitOf(build(rack, kit)) }]));
  const setupOf = (id: string, { windMps, ...conditions }: Conditions, change: Partial<Kit> = {}, canLeftG = 0): TestSetup => {
    const found = builds.get(id);
    if (!found?.built.ok) throw new Error(`the demo kit "${id}" cannot be burnt`);
    const usual = newSetup(found.name, { ...found.built.value, ...change });
    const can = { ...usual.can, canC: conditions.airC, fuelLeftG: canLeftG || usual.can.fuelLeftG };
    return { ...usual, ...conditions, altitudeM: 420, wind: { kind: 'flame', mps: windMps }, can, endPoint: 'thermometer' };
  };
  const all = sessions(kitId);
  const tests = all.flatMap((session, s) =>
    session.burns.map(({ change, also, arm, note, read: [canLeftG, beforeG, afterG, seconds] }, i): BenchTest => {
      const setup = setupOf(session.kitId, { ...session.conditions, ...also }, change, canLeftG);
      const side = arm && session.seriesId ? { seriesId: session.seriesId, arm } : {};
      const fuel = { how: 'weighed', beforeG, afterG } as const;
      return newTest(`burn-${s + 1}-${i + 1}`, session.on, setup, { fuel, seconds, end: 'reached' }, { ...side, note: note ?? '' });
    }),
  );
  const question = (id: string, arms: Record<Arm, Partial<Kit>>): Pick<Bench['series'][number], 'id' | 'on' | 'a' | 'b' | 'garden'> => {
    const { on, conditions, kitId: of } = all.find((x) => x.seriesId === id) ?? all[0]!;
    const setup = (arm: Arm): TestSetup => setupOf(of, conditions, { flameSetting: 0.7, ...arms[arm] });
    return { id, on, a: setup('a'), b: setup('b'), garden: null };
  };
  const { pot } = setupOf(kitId, APRIL).kit;
  const cooling = (id: string, name: string, dress: CoolingTest['dress'], readings: readonly number[]): CoolingTest => ({
    id,
    on: '2026-05-23',
    name,
    pot,
    dress,
    waterMl: 500,
    airC: 12,
    windMps: 0.3,
    curve: readings.map((c, i) => ({ s: COOLING_EVERY_S * i, c })),
  });
  return {
    tests,
    series: [
      {
        ...question('screen', SCREEN),
        question: 'what does the folding windscreen save in a wind?',
        contrastId: 'windscreen',
        nameA: 'the folding windscreen',
        nameB: 'no windscreen',
        pairs: 4,
        expected: 'A third, by its sound.',
        concluded: 'It stays in the bag for the ridge. In a hollow I have not tried.',
      },
      {
        ...question('sleeve', SLEEVE),
        question: 'does a cozy on the stove save fuel?',
        contrastId: 'sleeve',
        nameA: 'cozy on',
        nameB: 'cozy off',
        pairs: 3,
        expected: 'A little.',
        concluded: '',
      },
    ],
    coolings: [
      cooling('cooling-lid', 'after dinner, lid on', 'lid', LID_C),
      cooling('cooling-sleeve', 'after dinner, in the cozy', 'sleeve', SLEEVE_C),
    ],
    claims: [],
  };
}

import { beforeTests, burnIn, conditionsOf, slopesAt, type BurnTest } from '../bench';
import { isDone, potVolumeMl } from '../burn';
import { burnerById, hasValve, usesCans } from '../catalogue';
import { ownBurner, type Calibration, type TestSetup, type Trip } from '../model';
import { projected, read, type Gaussian } from '../numeric';
import type { CarryPlan, Plan } from '../plan';
import { fuelForRisk, type Mishaps, riskLimit } from '../risk';
import { tripOnLeg } from '../trail';
import { fuelSlopes } from './burner-doubt';
import { carryRisk } from './carry-risk';

/** Tests that may be worth doing. */
export const TEST_IDEAS = ['lowFlame', 'midFlame', 'fullFlame', 'calm', 'wind', 'oneLitre', 'coldCan'] as const;
export type TestIdeaId = (typeof TEST_IDEAS)[number];

/** What one more burn would take off what is not known of the trip's dearest carry. */
export interface TestIdea {
  id: TestIdeaId;
  setup: TestSetup;
  sdBeforeG: number;
  sdAfterG: number;
  /** Reserve that could stay at home, g. */
  reserveG: number;
  /** What the test itself costs. */
  fuelG: number;
  seconds: number;
}
export interface WhichTest {
  from: string;
  to: string;
  ideas: TestIdea[];
}

const WIND_MPS = 3;
const COLD_C = 0;
const FILL_SHARE = 0.9;
/** Trips drawn to see what the weather leaves open besides. */
const TRIPS = 1500;

/** The setups to choose from: flames, calm and wind, more water, a cold can; only what the kit has. */
function ideasOf(setup: TestSetup): [TestIdeaId, TestSetup][] {
  const valve = hasValve(burnerById(setup.kit.burnerId));
  const calm: TestSetup = { ...setup, wind: { kind: 'words', word: 'steady' } };
  const flame = (flameSetting: number): TestSetup => ({ ...calm, kit: { ...calm.kit, flameSetting } });
  const litre = { ...calm, waterMl: 1000 };
  return [
    ...(valve
      ? ([
          ['lowFlame', flame(0.4)],
          ['midFlame', flame(0.7)],
          ['fullFlame', flame(1)],
        ] as [TestIdeaId, TestSetup][])
      : ([['calm', calm]] as [TestIdeaId, TestSetup][])),
    ['wind', { ...setup, wind: { kind: 'flame', mps: WIND_MPS } }],
    ...(potVolumeMl(setup.kit.pot) * FILL_SHARE >= litre.waterMl ? ([['oneLitre', litre]] as [TestIdeaId, TestSetup][]) : []),
    ...(usesCans(setup.kit) ? ([['coldCan', { ...calm, can: { ...calm.can, canC: COLD_C } }]] as [TestIdeaId, TestSetup][]) : []),
  ];
}

/** The tests in the order of what they are worth to this trip; undefined where its kit burns nothing, or another kit than the setup's. */
export function whichTest(trip: Trip, plan: Plan, setup: TestSetup, mishaps: Mishaps): WhichTest | undefined {
  const dearest = plan.carries
    .filter((c) => c.demandG > 0)
    .reduce<CarryPlan | undefined>((a, c) => (a && a.demandG >= c.demandG ? a : c), undefined);
  const facts = dearest?.days
    .flatMap((d) => Object.values(d.meals))
    .filter((m) => isDone(m.burn))
    .reduce((a, m) => (m.fuelG > a.fuelG ? m : a)).facts;
  if (!dearest || !facts) return undefined;
  const { kit } = tripOnLeg(trip, dearest.fromStop);
  const known = ownBurner(kit) ?? beforeTests(kit);
  const slopes = fuelSlopes({ ...kit, calibration: known }, known, facts).map((s) => s * dearest.demandG);
  const before: Gaussian = { mean: slopes.map(() => 0), covariance: known.covariance };
  const sdBeforeG = projected(before, slopes).sd;
  const reserve = reserveFor(trip, dearest, mishaps);
  const ideas = ideasOf(setup).flatMap(([id, s]): TestIdea[] => {
    const tested = readOnce(before, { ...s, kit: { ...s.kit, calibration: known } }, known);
    if (!tested) return []; // it would not burn: nothing is learnt from it
    const sdAfterG = projected(tested.after, slopes).sd;
    return [
      { id, setup: s, sdBeforeG, sdAfterG, reserveG: reserve(sdBeforeG) - reserve(sdAfterG), fuelG: tested.fuelG, seconds: tested.seconds },
    ];
  });
  return { from: dearest.from, to: dearest.to, ideas: ideas.sort((a, b) => b.reserveG - a.reserveG) };
}

/** Reserve against what is not known of the burner, beside what weather and hand leave open, by the quantile of the walker's limit. */
function reserveFor(trip: Trip, carry: CarryPlan, mishaps: Mishaps): (burnerSdG: number) => number {
  const drawn = carryRisk(trip, carry, mishaps, TRIPS);
  if (!drawn) return () => 0;
  const limit = riskLimit(trip);
  const whole = fuelForRisk(drawn, limit) - drawn.meanG;
  // so many deviations the limit lies above the mean, with the burner's part as it is drawn now
  const deviations = whole / Math.max(1e-9, drawn.sdG);
  const n = drawn.knownG.length;
  const mean = drawn.knownG.reduce((a, x) => a + x, 0) / n;
  const knownSd = Math.sqrt(drawn.knownG.reduce((a, x) => a + (x - mean) ** 2, 0) / n);
  return (burnerSdG) => deviations * Math.hypot(knownSd, burnerSdG);
}

/** What is known after one burn of a setup: its grams, then what its seconds say besides. */
function readOnce(before: Gaussian, setup: TestSetup, known: Calibration): { after: Gaussian; fuelG: number; seconds: number } | undefined {
  const conditions = conditionsOf(setup);
  const burn = burnIn(conditions);
  if (!isDone(burn)) return undefined;
  const test: BurnTest = { ...conditions, id: 'idea', on: 'that day', burntG: burn.fuelG, seconds: burn.durationS };
  const theta = Object.values(known.factors).map(Math.log);
  const at = slopesAt([test], theta);
  if (!at.ok) return undefined;
  const { jacobian, errors } = at.value;
  const [grams, seconds] = jacobian.to2DArray();
  const [vG, vGS, vS] = [errors.get(0, 0), errors.get(0, 1), errors.get(1, 1)];
  const withGrams = read(before, grams, 0, Math.sqrt(vG));
  // the two errors go together: what the seconds add is what they say beyond the grams
  const beyond = vGS / vG;
  const after = read(
    withGrams,
    seconds.map((s, i) => s - beyond * grams[i]),
    0,
    Math.sqrt(Math.max(1e-9, vS - beyond * vGS)),
  );
  return { after, fuelG: burn.fuelG, seconds: burn.durationS };
}

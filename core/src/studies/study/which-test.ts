import type { PlanCache } from '../../planning/plan';
import { burnIn, conditionsOf, FILL_SHARE, knownBurner, slopesAt, testValue, type BurnTest, type TestReading } from '../bench';
import { isDone, potVolumeMl } from '../../physics/burn';
import { burnerById, hasValve, usesCans } from '../../domain/catalogue';
import { newSetup, type Calibration, type TestSetup, type Trip } from '../../domain/model';
import { varianceOf } from '../../foundation/numeric';
import type { CarryPlan, Plan } from '../../planning/planned';
import { fuelForRisk, riskLimit, type Mishaps } from '../../planning/risk';
import { tripOnLeg } from '../../domain/trail';
import { dearestFacts, fuelSlopes } from './burner-doubt';
import { carryRisk } from './carry-risk';

/** Tests that may be worth doing. */
export type TestIdeaId = 'lowFlame' | 'midFlame' | 'fullFlame' | 'calm' | 'wind' | 'oneLitre' | 'coldCan';

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
const LITRE_ML = 1000;
/** Trips drawn to see what the weather leaves open besides. */
const TRIPS = 1500;

/** The setups to choose from: flames, calm and wind, more water, a cold can; only what the kit has. */
function ideasOf(setup: TestSetup): [TestIdeaId, TestSetup][] {
  const calm: TestSetup = { ...setup, wind: { kind: 'words', word: 'steady' } };
  const flame = (flameSetting: number): TestSetup => ({ ...calm, kit: { ...calm.kit, flameSetting } });
  const ideas: [TestIdeaId, TestSetup][] = hasValve(burnerById(setup.kit.burnerId))
    ? [
        ['lowFlame', flame(0.4)],
        ['midFlame', flame(0.7)],
        ['fullFlame', flame(1)],
      ]
    : [['calm', calm]];
  ideas.push(['wind', { ...setup, wind: { kind: 'flame', mps: WIND_MPS } }]);
  if (potVolumeMl(setup.kit.pot) * FILL_SHARE >= LITRE_ML) ideas.push(['oneLitre', { ...calm, waterMl: LITRE_ML }]);
  if (usesCans(setup.kit)) ideas.push(['coldCan', { ...calm, can: { ...calm.can, canC: COLD_C } }]);
  return ideas;
}

/** The tests in the order of what they are worth to this trip; undefined where it burns nothing. They are burnt with the kit of its dearest carry. */
export function whichTest(trip: Trip, plan: Plan, kitName: string, mishaps: Mishaps, cache?: PlanCache): WhichTest | undefined {
  const dearest = plan.carries
    .filter((c) => c.demandG > 0)
    .reduce<CarryPlan | undefined>((a, c) => (a && a.demandG >= c.demandG ? a : c), undefined);
  const facts = dearest && dearestFacts(dearest);
  if (!facts) return undefined;
  const { kit } = tripOnLeg(trip, dearest.fromStop);
  const known = knownBurner(kit);
  const slopes = fuelSlopes(kit, known, facts, cache).map((s) => s * dearest.demandG);
  const reserve = reserveFor(trip, dearest, mishaps, cache);
  const ideas = ideasOf(newSetup(kitName, kit)).flatMap(([id, setup]): TestIdea[] => {
    const tested = tryTest(setup, known);
    if (!tested) return []; // it would not burn: nothing is learnt from it
    const { sdBefore: sdBeforeG, sdAfter: sdAfterG } = testValue(known.covariance, tested.readings, slopes);
    const { fuelG, seconds } = tested;
    return [{ id, setup, sdBeforeG, sdAfterG, reserveG: reserve(sdBeforeG) - reserve(sdAfterG), fuelG, seconds }];
  });
  return { from: dearest.from, to: dearest.to, ideas: ideas.sort((a, b) => b.reserveG - a.reserveG) };
}

/** Reserve against what is not known of the burner, beside what weather and hand leave open, by the quantile of the walker's limit. */
function reserveFor(trip: Trip, carry: CarryPlan, mishaps: Mishaps, cache?: PlanCache): (burnerSdG: number) => number {
  const drawn = carryRisk(trip, carry, mishaps, TRIPS, cache);
  if (!drawn) return () => 0;
  const limit = riskLimit(trip);
  const whole = fuelForRisk(drawn, limit) - drawn.meanG;
  // so many deviations the limit lies above the mean, with the burner's part as it is drawn now
  const deviations = whole / Math.max(1e-9, drawn.sdG);
  const knownSd = Math.sqrt(varianceOf(drawn.knownG));
  return (burnerSdG) => deviations * Math.hypot(knownSd, burnerSdG);
}

/** One burn of a setup: what it costs, and its two readings with errors that have nothing to do with each other. */
function tryTest(setup: TestSetup, known: Calibration): { readings: TestReading[]; fuelG: number; seconds: number } | undefined {
  const conditions = conditionsOf(setup);
  const burn = burnIn(conditions, known.factors);
  if (!isDone(burn)) return undefined;
  const test: BurnTest = { ...conditions, id: 'idea', on: 'that day', burntG: burn.fuelG, seconds: burn.durationS };
  const at = slopesAt([test], Object.values(known.factors).map(Math.log));
  if (!at.ok) return undefined;
  const { jacobian, errors } = at.value;
  const [grams, seconds] = [jacobian.getRow(0), jacobian.getRow(1)];
  const [vG, vGS, vS] = [errors.get(0, 0), errors.get(0, 1), errors.get(1, 1)];
  // the two errors go together: what the seconds add is what they say beyond the grams
  const beyond = vGS / vG;
  const readings = [
    { slopes: grams, sd: Math.sqrt(vG) },
    { slopes: seconds.map((s, i) => s - beyond * grams[i]!), sd: Math.sqrt(Math.max(1e-9, vS - beyond * vGS)) },
  ];
  return { readings, fuelG: burn.fuelG, seconds: burn.durationS };
}

// Speed and accuracy as ratios within one run; absolute times depend on the machine and are printed for orientation only.
import { ambientPressurePa } from '@tinder/core/physics/air';
import { CLAIMS, fitTests, testedBurners } from '@tinder/core/studies/bench';
import { canisterSource, openSource, simulateBurn, type BurnInput } from '@tinder/core/physics/burn';
import { potById } from '@tinder/core/domain/catalogue';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { fuelLhvKJPerG, FUELS } from '@tinder/core/physics/fuel';
import { bestNest, type NestPiece } from '@tinder/core/domain/kit';
import { planCache, planTrip } from '@tinder/core/planning/plan';
import { newSetup } from '@tinder/core/domain/model';
import { NO_MISHAPS } from '@tinder/core/planning/risk';
import { bestChanges, claimsStand, coldView, measureKits, rangesOf, upgradeLadder, whichTest } from '@tinder/core/studies/study';
import { fresh } from './edits';
import { loadOutRace } from './load-outs';
import { surrogateError, riskConvergence } from './risk';
import { medianMs } from './numbers';
import { rk4Burn } from './yardstick';

const gas = FUELS.filter((f) => f.kind === 'gas')[0];

/** A spread of burns over water, wind, height and fuel family; deterministic. */
function burns(n: number): BurnInput[] {
  return Array.from({ length: n }, (_, i): BurnInput => {
    const airC = -5 + (i % 25);
    const pressurePa = ambientPressurePa((i * 37) % 3500);
    const windMps = (i % 7) * 0.3;
    const onGas = i % 2 === 0;
    return {
      waterMl: 250 + ((i * 13) % 700),
      start: { kind: 'water', waterC: 4 + (i % 15) },
      holdS: 0,
      rolling: false,
      gusty: false,
      sleeveOn: false,
      headFactor: 1,
      primingG: 0,
      target: i % 3 === 0 ? { kind: 'stopAt', targetC: 80 } : { kind: 'boil' },
      airC,
      pressurePa,
      flameWindMps: windMps,
      potWindMps: windMps,
      pot: potById(i % 5 === 0 ? 'al-1000' : 'ti-750'),
      lidOn: i % 4 !== 0,
      flame: onGas ? 'tall' : 'cone',
      jointLossG: 0,
      foodJPerK: 0,
      source: onGas
        ? canisterSource({
            feed: 'vapour',
            lowestW: 350,
            warmingW: 0,
            walledIn: false,
            ratedW: 1900,
            setting: 0.5 + (i % 5) / 10,
            can: { netG: 230, tareG: 150, fuelLeftG: 60 + (i % 170) },
            blend: gas.blend,
            canC: airC,
            airC,
            pressurePa,
            windMps,
            lhvKJPerG: fuelLhvKJPerG(gas),
          })
        : openSource(1500, 25, true),
    };
  });
}

const sample = burns(400).filter((b) => simulateBurn(b).outcome.kind === 'done');
let worst = 0;
for (const b of sample) {
  const ours = simulateBurn(b);
  const fine = rk4Burn(b, 0.1);
  worst = Math.max(worst, Math.abs(ours.durationS / fine.durationS - 1), Math.abs(ours.fuelG / fine.burntG - 1));
}
const oursMs = medianMs(5, () => sample.forEach((b) => simulateBurn(b))) / sample.length;
const fineMs = medianMs(3, () => sample.forEach((b) => rk4Burn(b, 0.1))) / sample.length;
const many = burns(10_000);
const manyMs = medianMs(3, () => many.forEach((b) => simulateBurn(b)));
// trips that nothing has been worked out for: what is remembered would measure nothing
const planMs = medianMs(60, (i) => planTrip(fresh(DEMO_TRIP, i), { cache: planCache() }));
const plan = planTrip(DEMO_TRIP);
const coldMs = medianMs(9, () => coldView(DEMO_TRIP, plan, 2100));
const advised = Array.from({ length: 20 }, (_, i) => fresh(DEMO_TRIP, 100 + i)).map((trip) => ({ trip, carry: planTrip(trip).carries[0] }));
const adviceMs = medianMs(20, (i) => bestChanges(advised[i].trip, advised[i].carry));

/** A pot and eight pieces of which not all fit, the slow case. */
const eight: NestPiece[] = [
  { id: 'pot', shape: { kind: 'vessel', diameterMm: 126, heightMm: 110, innerDiameterMm: 124, innerHeightMm: 108 } },
  { id: 'mug', shape: { kind: 'vessel', diameterMm: 96, heightMm: 80, innerDiameterMm: 94, innerHeightMm: 79 } },
  { id: 'can', shape: { kind: 'cylinder', diameterMm: 90, heightMm: 70 } },
  ...[40, 46, 52, 58, 64, 70].map((mm, i): NestPiece => ({
    id: `box${i}`,
    shape: { kind: 'box', lengthMm: mm, widthMm: mm / 2, heightMm: 12 + 3 * i },
  })),
];
const nestMs = medianMs(9, () => bestNest(eight));
const kitsMs = medianMs(5, (i) =>
  measureKits(
    DEMO_RACK,
    fresh(DEMO_TRIP, 200 + i),
    DEMO_RACK.kits.map((k) => k.id),
  ),
);
const ladderMs = medianMs(3, (i) => upgradeLadder(DEMO_RACK, fresh(DEMO_TRIP, 300 + i), DEMO_RACK.kits[0]));

console.log(`accuracy   worst difference from RK4 at 0.1 s over ${sample.length} burns: ${(100 * worst).toFixed(4)} % (allowed 0.5 %)`);
console.log(`speed      one burn is ${(fineMs / oursMs).toFixed(0)} times faster than RK4 at 0.1 s`);
console.log(
  `plan       the 23-day demo costs as much as ${(planMs / oursMs).toFixed(0)} burns; advice on one carry ${(adviceMs / planMs).toFixed(1)}`,
);
console.log(
  `for orientation: 10,000 burns ${manyMs.toFixed(0)} ms, demo plan ${planMs.toFixed(1)} ms, advice ${adviceMs.toFixed(2)} ms, cold map 60×40 ${coldMs.toFixed(1)} ms (wanted under 300)`,
);
console.log(
  `kit        a nest of 8 pieces ${nestMs.toFixed(1)} ms (wanted under 100), six kits on the demo ${(kitsMs / planMs).toFixed(1)} demo plans, the upgrade ladder ${(ladderMs / planMs).toFixed(1)}`,
);
const [tested] = testedBurners(DEMO_RACK.bench.tests);
const setup = newSetup('bench', DEMO_TRIP.kit);
const fitMs = medianMs(9, () => fitTests(tested.tests));
const whichMs = medianMs(9, () => whichTest(DEMO_TRIP, plan, 'bench', NO_MISHAPS));
const sayingsMs = medianMs(5, () => claimsStand(CLAIMS, setup, rangesOf(DEMO_TRIP, plan), DEMO_RACK.bench));
console.log(
  `bench      a burner out of ${tested.tests.length} burns ${(fitMs / planMs).toFixed(1)} demo plans (${fitMs.toFixed(0)} ms, wanted under 100), which test ${(whichMs / planMs).toFixed(1)} (${whichMs.toFixed(0)} ms, wanted under 500), ${CLAIMS.length} sayings ${(sayingsMs / planMs).toFixed(1)}`,
);
const withShelf = await loadOutRace(300, 'own');
console.log(
  `load-outs  with part-used cans of one’s own ${withShelf.equal} of ${withShelf.cases}, ${withShelf.taken} of them taken along; ${withShelf.ratio.toFixed(0)} times faster`,
);
const surrogate = surrogateError();
console.log(
  `risk       straight lines against the full burn model over the same ${surrogate.trips} trips (${surrogate.burns} burns): mean ${surrogate.meanPercent.toFixed(2)} %, spread ${surrogate.sdPercent.toFixed(1)} %, 98th of a hundred ${surrogate.q98Percent.toFixed(2)} %, a single burn ${surrogate.burnPercent.toFixed(1)} % (root mean square)`,
);
const converged = riskConvergence();
console.log(
  `           1,000 trips miss the settled chance ${converged.errorRatio.toFixed(1)} times as far as 16,000 do (root of 16 is 4), standard error at 10,000 ${(100 * converged.standardError).toFixed(2)} %`,
);
if (worst > 0.005 || withShelf.equal < withShelf.cases) process.exitCode = 1;

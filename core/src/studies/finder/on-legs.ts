import { planCache, type PlanCache } from '../../planning/plan';
import type { MixOfKits } from '../found';
import type { Trip } from '../../domain/model';
import { withKitOnLeg } from '../../domain/trail';
import type { Candidate } from './candidates';
import { onTrip, type Found } from './found';

/** One kit all the way but for some legs, on which another one is carried: it comes by post, and the first goes on by post. */
export interface LegMix extends MixOfKits {
  legs: { leg: number; number: number }[];
  trip: Trip;
  measured: Found['measured'];
}

/** Less than this is not worth a parcel, g. */
const WORTH_G = 5;

/**
 * Different kits on different legs: from each kit all the way, leg by leg the other one that saves most, as long as one does; a kit that is
 * no answer by itself (a ban on some legs) may be one so. Kits cooked in different ways are not mixed. The lightest mixes first, only those
 * that are answers and lighter than any kit alone.
 */
export function legMixes(kits: readonly Found[], cache: PlanCache = planCache()): LegMix[] {
  const alone = Math.min(...kits.filter((k) => !k.fails).map((k) => k.measured.averageG));
  const mixes = kits
    .flatMap((base): LegMix[] => {
      const others = kits.filter((k) => k.number !== base.number && sameWay(k, base));
      const mix = mixedFrom(base, others, cache);
      return mix && mix.measured.averageG < alone - WORTH_G ? [mix] : [];
    })
    .sort((a, b) => Math.round(a.measured.averageG - b.measured.averageG) || a.legs.length - b.legs.length);
  // the same legs with the same kits, come to from another side
  return mixes.filter((m, i) => !mixes.slice(0, i).some((n) => Math.abs(n.measured.averageG - m.measured.averageG) < 0.5));
}

const sameWay = (a: Candidate, b: Candidate): boolean => a.way.cozy === b.way.cozy && a.way.coldBreakfast === b.way.coldBreakfast;

type Mixed = ReturnType<typeof onTrip> & { trip: Trip };

function mixedFrom(base: Found, others: readonly Found[], cache: PlanCache): LegMix | undefined {
  let now: Mixed = base;
  const legs: { leg: number; number: number }[] = [];
  for (;;) {
    let best: (Mixed & { leg: number; number: number }) | undefined;
    for (let leg = 0; leg < base.trip.legs.length; leg++) {
      if (legs.some((l) => l.leg === leg)) continue;
      for (const { number, trip: other } of others) {
        const trip = withKitOnLeg(now.trip, leg, { rackKitId: `found-${number}`, kit: other.kit });
        const then = { ...onTrip(trip, 0, cache), trip };
        if (isGain(then, best ?? now, best ? 0 : WORTH_G)) best = { ...then, leg, number };
      }
    }
    if (!best) break;
    now = best;
    legs.push({ leg: best.leg, number: best.number });
  }
  return legs.length && !now.fails ? { base: base.number, legs, trip: now.trip, measured: now.measured } : undefined;
}

/** Fewer meals fail, or as few with so much less carried. */
function isGain(then: Mixed, now: Mixed, byG: number): boolean {
  const [a, b] = [then.fails?.meals ?? 0, now.fails?.meals ?? 0];
  return a < b || (a === b && then.measured.averageG < now.measured.averageG - byG);
}

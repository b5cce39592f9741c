import { isDone, screenedWind, simulateBurn, WIND_WORDS_MPS } from '../../physics/burn';
import { isGas } from '../../domain/catalogue';
import { FUELS, type BlendByMass } from '../../physics/fuel';
import type { Trip } from '../../domain/model';
import { bisect } from '../../foundation/numeric';
import { burnFacts, dayConditions, FRESH_CAN, kitInUse, sourceFor } from '../../planning/plan';

/** What a walker saw of a can: "it lit at −12 °C, half full, and boiled half a litre in 7 min". */
export interface CanSeen {
  airC: number;
  /** Share of the net mass in the can, 0–1. */
  fractionLeft: number;
  waterMl: number;
  minutes: number;
}

export type InferredBlend =
  /** The blend that boils in the time seen, and those a fifth slower and quicker. */
  | { kind: 'found'; blend: BlendByMass; poorer: BlendByMass; richer: BlendByMass; likeFuelIds: string[] }
  /** Every blend would have done the same: the can was warm enough not to matter. */
  | { kind: 'tellsNothing'; minutes: number }
  /** Quicker than the richest blend sold: the can was warmer than the air, or less water was boiled. */
  | { kind: 'tooQuick'; minutes: number | undefined }
  /** Slower than plain butane: something else slowed it (flame not full, wind, lid). */
  | { kind: 'tooSlow'; minutes: number };

/** Times of two boils closer than this share cannot be told apart by a watch and a day's scatter (common practice). */
const SCATTER = 0.2;
const RICHEST_PROPANE = 0.35;

/** Blends ordered by pressure: n-butane (0) to isobutane (1), then propane in isobutane (2 is the richest sold). */
function blendAt(richness: number): BlendByMass {
  if (richness <= 1) return { propane: 0, isobutane: richness, nButane: 1 - richness };
  const propane = (richness - 1) * RICHEST_PROPANE;
  return { propane, isobutane: 1 - propane, nButane: 0 };
}

/**
 * Infers a can's blend from one boil seen, with this trip's burner fully open, pot and windscreen, and water and altitude of its
 * first day, in calm air.
 * Boiling time falls as the blend gets richer, so the time seen is met by bisection. Undefined for kits without a can.
 */
export function inferBlend(trip: Trip, seen: CanSeen): InferredBlend | undefined {
  const use = kitInUse(trip.kit);
  if (!isGas(use.burner) || use.fuel.kind !== 'gas') return undefined;
  const { fuel } = use;
  const meal = {
    ...trip.menu.supper,
    waterMl: seen.waterMl,
    target: { kind: 'boil' } as const,
    simmerMin: 0,
    makeSafe: 'none' as const,
    lidOff: false,
  };
  const wind = screenedWind(WIND_WORDS_MPS.steady, trip.kit.windscreen);
  const day = dayConditions(trip)[0]!;
  const facts = {
    ...burnFacts(use, meal, { ...day, snow: false, boilRule: undefined }, seen.airC),
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    gusty: false,
  };
  const can = { ...FRESH_CAN, fuelLeftG: FRESH_CAN.netG * seen.fractionLeft };
  const minutesWith = (blend: BlendByMass): number | undefined => {
    const burn = simulateBurn({ ...facts, source: sourceFor({ ...use, fuel: { ...fuel, blend } }, facts, can, 1) });
    return isDone(burn) ? burn.durationS / 60 : undefined;
  };
  const slowest = minutesWith(blendAt(0)) ?? Number.POSITIVE_INFINITY;
  const quickest = minutesWith(blendAt(2));
  if (quickest === undefined || seen.minutes < quickest * (1 - SCATTER)) return { kind: 'tooQuick', minutes: quickest };
  if (slowest < quickest * (1 + SCATTER) && seen.minutes < slowest * (1 + SCATTER)) return { kind: 'tellsNothing', minutes: quickest };
  if (seen.minutes > slowest * (1 + SCATTER)) return { kind: 'tooSlow', minutes: slowest };
  const meeting = (minutes: number): BlendByMass =>
    blendAt(bisect(0, 2, (at) => (minutesWith(blendAt(at)) ?? Number.POSITIVE_INFINITY) > minutes, 20).high);
  const like = FUELS.filter((f) => {
    const minutes = f.kind === 'gas' ? minutesWith(f.blend) : undefined;
    return minutes !== undefined && Math.abs(minutes / seen.minutes - 1) < SCATTER;
  });
  return {
    kind: 'found',
    blend: meeting(seen.minutes),
    poorer: meeting(seen.minutes * (1 + SCATTER)),
    richer: meeting(seen.minutes * (1 - SCATTER)),
    likeFuelIds: like.map((f) => f.id),
  };
}

import { answerOf, claimAnswer, type Answer, type Claim, type ClaimAnswer, type Ranges } from '../bench';
import { unscreenedWindMps } from '../../physics/burn';
import { daysOf, MEALS, type Bench, type TestSetup, type Trip } from '../../domain/model';
import type { Plan } from '../../planning/planned';

/** A saying as the model has it, and as the walker's own tests have it where there are any. */
export interface ClaimStands extends ClaimAnswer {
  own?: { question: string; answer: Answer };
}

/** What a trip covers of wind, air and water: sayings that turn within it depend on the day. */
export function rangesOf(trip: Trip, plan: Plan): Ranges {
  const days = daysOf(trip);
  const water = plan.carries.flatMap((c) => c.days.flatMap((d) => MEALS.flatMap((m) => d.meals[m]?.facts.waterMl ?? [])));
  const span = (list: readonly number[], otherwise: number): { min: number; max: number } => ({
    min: list.length ? Math.min(...list) : otherwise,
    max: list.length ? Math.max(...list) : otherwise,
  });
  return {
    windMps: span(
      days.map((d) => unscreenedWindMps(d.wind)),
      0,
    ),
    airC: span(
      days.flatMap((d) => [d.supperAirC, d.breakfastAirC]),
      15,
    ),
    waterMl: span(water, 500),
  };
}

/** How sayings stand, one after another. Tests of the simulated garden are no evidence. */
export const claimsStand = (
  claims: readonly Claim[],
  setup: TestSetup,
  ranges: Ranges,
  bench: Pick<Bench, 'series' | 'tests'>,
): ClaimStands[] =>
  claims.map((claim) => {
    const stands = claimAnswer(claim, setup, ranges);
    const series = bench.series.find((s) => s.contrastId !== null && s.contrastId === claim.contrast && s.garden === null);
    if (!series || claim.of !== 'fuel') return stands;
    return { ...stands, own: { question: series.question, answer: answerOf(series, bench.tests) } };
  });

import type { CarryPlan } from '@tinder/core/planning/planned';
import { degrees } from './measured';
import type { Units } from './units';
import { RAREST_CHANCE, SPREADS, UNCALIBRATED_SD } from '@tinder/core/planning/risk';
import type { RiskOfCarry } from '@tinder/core/studies/study';
import { plainNumber, wholeNumber } from '@tinder/core/foundation/units';

/** Every chance on screen: "1 in 16", "1 in 340", "74 in 100", "rarer than 1 in 1,000". */
export function oddsWords(chance: number): string {
  if (chance < RAREST_CHANCE) return `rarer than 1 in ${wholeNumber(1 / RAREST_CHANCE)}`;
  return chance > 0.5 ? `${Math.round(100 * chance)} in 100` : `1 in ${plainNumber(figures(1 / chance, 2))}`;
}

/** A number to so many figures that mean something; rarities are rounded to the safe side. */
function figures(n: number, count: number): number {
  const unit = 10 ** Math.max(0, Math.floor(Math.log10(n)) + 1 - count);
  return Math.floor(n / unit + 1e-9) * unit;
}

/** How a leg stands against the walker's limit, in words. */
export interface RiskSaid {
  state: 'within' | 'tight';
  chance: string;
  limit: string;
  /** What it takes to meet the limit, where it is not met. */
  more: string;
  why: string[];
}

/** How likely a leg's fuel runs out against a limit (0–1), what would meet that limit, and how sure it is. */
export function riskWords(
  risk: RiskOfCarry,
  carry: Pick<CarryPlan, 'demandG' | 'fuelG'>,
  limit: number,
  units: Pick<Units, 'text'>,
): RiskSaid {
  const percent = (x: number) => `${(100 * x).toFixed(x < 0.1 ? 1 : 0)} %`;
  const odds = limitWords(limit);
  const reserveG = Math.max(0, risk.fuelForLimitG - carry.demandG);
  const isShort = carry.fuelG < risk.fuelForLimitG;
  return {
    state: risk.runOut > limit ? 'tight' : 'within',
    chance: oddsWords(risk.runOut),
    limit: odds,
    more: isShort
      ? `Carry ${units.text(risk.fuelForLimitG - carry.fuelG, 'mass')} more to meet your ${odds.replaceAll(' ', '-')} limit.`
      : '',
    why: [
      ...(risk.runOut < RAREST_CHANCE ? [] : [`Drawn: ${percent(risk.runOut)} ± ${percent(risk.standardError)}.`]),
      `Nine trips in ten burn ${units.text(risk.quantilesG[5], 'mass')} to ${units.text(risk.quantilesG[95], 'mass')}.`,
      `A reserve of ${units.text(reserveG, 'mass')} meets your limit. Of it ${units.text(Math.max(0, risk.unknownBurnerG), 'mass')} are for not knowing the stove: ${burnerKnownWords(risk.factorSd)}.`,
    ],
  };
}

/** The walker's limit, 0–1, as odds: "1 in 50". */
export const limitWords = (limit: number): string => `1 in ${Math.round(1 / limit)}`;

/** How far burner and pot are known: assumed, or by the walker’s own tests. */
export const burnerKnownWords = (factorSd: number): string =>
  factorSd === UNCALIBRATED_SD
    ? `stove, pot and hand may be off together by ${Math.round(100 * factorSd)} % (assumed, until burn tests or a log narrow it)`
    : `by your own tests it is known to ${Math.round(100 * factorSd)} %`;

/** What the draw lets vary, one standard deviation. */
export function spreadWords(units: Pick<Units, 'unit'>, factorSd = UNCALIBRATED_SD): string {
  const { waterK, airK, quantityShare, windDown, windUp } = SPREADS;
  const percent = (x: number): number => Math.round(100 * x);
  const wind = [windDown, 1 - windDown - windUp, windUp].map(percent).join(', ');
  return `stove, pot and hand together ±${percent(factorSd)} % all the way; for a leg water ±${degrees(waterK, units)}, air ±${degrees(airK, units)} or the day’s own, wind a class down, as forecast or up (${wind} in 100); for a burn quantity ±${percent(quantityShare)} %`;
}

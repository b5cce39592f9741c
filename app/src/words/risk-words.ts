import type { CarryPlan } from '@tinder/core/plan';
import type { Units } from './units';
import { SPREADS } from '@tinder/core/risk';
import type { RiskOfCarry } from '@tinder/core/study';

/** "1 in 16", "74 in 100"; "under 1 in 1,000" for what is rarer than can be told. */
export function oddsWords(chance: number, rarest: number): string {
  const one = (p: number): string => `1 in ${Math.round(1 / p).toLocaleString('en-US')}`;
  if (chance < rarest) return `under ${one(rarest)}`;
  return chance > 0.5 ? `${Math.round(100 * chance)} in 100` : one(chance);
}

/** What so many drawn trips cannot tell from none: three standard errors where none of them ran out. */
export const rarestOf = (runOut: number, trips: number): number => (runOut === 0 ? 3 / trips : 0);

/** The same of a chance that was drawn; where none of the trips ran out, what can be told is three standard errors. */
export const chanceWords = ({ runOut, standardError }: Pick<RiskOfCarry, 'runOut' | 'standardError'>): string =>
  oddsWords(runOut, runOut === 0 ? 3 * standardError : 0);

/** How likely the carry runs out, how sure that is, and what would keep it to the limit. */
export function riskWords(
  risk: RiskOfCarry,
  carry: Pick<CarryPlan, 'demandG' | 'fuelG'>,
  limit: number,
  units: Pick<Units, 'text'>,
): string[] {
  const percent = (x: number) => `${(100 * x).toFixed(x < 0.1 ? 1 : 0)} %`;
  const known = risk.runOut === 0 ? '' : ` (${percent(risk.runOut)} ± ${percent(risk.standardError)})`;
  const wanted = Math.max(0, risk.fuelForLimitG - carry.demandG);
  const limited = `1 in ${Math.round(1 / limit)}`;
  return [
    `The chance of running out is ${chanceWords(risk)}${known}.`,
    `Nine trips in ten burn ${units.text(risk.quantilesG[5], 'mass')} to ${units.text(risk.quantilesG[95], 'mass')}.`,
    carry.fuelG >= risk.fuelForLimitG
      ? `For ${limited} a reserve of ${units.text(wanted, 'mass')} would do.`
      : `For ${limited} it takes ${units.text(risk.fuelForLimitG - carry.fuelG, 'mass')} more than leaves.`,
  ];
}

/** What the draw lets vary from burn to burn, one standard deviation. */
export function spreadWords(): string {
  const { waterK, airK, quantityShare, windDown, windUp } = SPREADS;
  const percent = (x: number): number => Math.round(100 * x);
  const wind = [windDown, 1 - windDown - windUp, windUp].map(percent).join(', ');
  return `water ±${waterK} K, air ±${airK} K or the day’s own, quantity ±${percent(quantityShare)} %, wind a class down, as forecast or up (${wind} in 100)`;
}

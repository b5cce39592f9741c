import type { CarryPlan } from '@tinder/core';
import type { Units } from '../ui/units';
import type { RiskOfCarry } from '../workers/planner';

/** "1 in 16"; "under 1 in 3,000", where none of the trips tried ran out. */
export function chanceWords({ runOut, standardError }: Pick<RiskOfCarry, 'runOut' | 'standardError'>): string {
  if (runOut === 0) return `under 1 in ${Math.round(1 / (3 * standardError)).toLocaleString('en-US')}`;
  return runOut > 0.5 ? `${Math.round(100 * runOut)} in 100` : `1 in ${Math.round(1 / runOut).toLocaleString('en-US')}`;
}

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

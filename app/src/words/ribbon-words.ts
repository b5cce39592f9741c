import type { PlanDay } from '@tinder/core/planning/planned';
import type { Units } from './units';

/** What a rule on flames says over its days. */
export const BAN_WORDS = { noOpenFlame: 'no open flame', noFlame: 'no flame', unknown: 'flame rules unknown' };

/** A day of the ribbon in words: its camp, its cold, and how the fuel goes down. */
export function dayOnRibbonWords(
  d: Pick<PlanDay, 'day' | 'altitudeM' | 'supperAirC' | 'breakfastAirC'>,
  fuel: { startG: number; endG: number },
  units: Pick<Units, 'text'>,
  { overLimit, brush }: { overLimit: boolean; brush: { from: number; to: number } | undefined },
): string {
  const camp = `camp at ${units.text(d.altitudeM, 'altitude')}`;
  const air = `dinner ${units.text(d.supperAirC, 'temperature')}, breakfast ${units.text(d.breakfastAirC, 'temperature')}`;
  const burnt = `fuel ${units.text(fuel.startG, 'mass')} to ${units.text(fuel.endG, 'mass')}`;
  const risk = overLimit ? ', may have run out by then more often than the limit allows' : '';
  return `day ${d.day}: ${camp}, ${air}, ${burnt}${risk}${brush ? `; days ${brush.from} to ${brush.to} brushed` : ''}`;
}

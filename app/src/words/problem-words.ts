import type { Problem } from '@tinder/core/planning/planned';
import { edgeWords } from './edge-words';
import type { Units } from './units';
import { PART_WORDS } from './part-words';

/** What stands in the way, in one plain sentence each. */
export function problemWords(p: Problem, units: Pick<Units, 'text'>): string {
  switch (p.code) {
    case 'stalls':
      return `The ${PART_WORDS[p.meal]} stalls at ${units.text(p.atC, 'temperature')} on ${dayWords(p.days)}. ${edgeWords(p.edge, units)}`;
    case 'mayBlowOut':
      return `The flame may blow out at ${PART_WORDS[p.meal]} on ${dayWords(p.days)} (${units.text(p.flameWindMps, 'speed')} at the flame, about ${units.text(p.limitMps, 'speed')} is its limit). ${edgeWords(p.edge, units)}`;
    case 'wontRun':
      return `The stove won’t run at ${PART_WORDS[p.meal]} on ${dayWords(p.days)}: the canister has no pressure below ${units.text(p.airC, 'temperature')}. ${edgeWords(p.edge, units)}`;
    case 'refill':
      return `The ${PART_WORDS[p.meal]} on ${dayWords(p.onDays)} wants more than the ${units.text(p.holdsMl, 'volume')} this stove holds: it is filled again, out and cold, and that is counted. A windscreen or less water spares it.`;
    case 'boilsFirst':
      return `The ${PART_WORDS[p.meal]} cannot reach ${units.text(p.targetC, 'temperature')} on ${dayWords(p.onDays)}: water boils at ${units.text(p.boilC, 'temperature')} there, and the plan stops at that.`;
    case 'banned':
      return `No ${p.restriction === 'noFlame' ? 'flame at all' : 'open flame'} on ${dayWords(p.onDays)}: meals are cold with this kit and not counted. Check with the land manager.`;
    case 'unknownRestriction':
      return `Fire rules for ${dayWords(p.onDays)} not checked yet. Ask the land manager.`;
    case 'passesStops':
      return `${p.names.join(' and ')} sells no fuel for this stove: carry enough past it.`;
    case 'flameRaised':
      return `This stove cannot go that low: planned at its lowest steady flame, ${Math.round(100 * p.setting)} %.`;
  }
}

/** "day 3", "days 2–4", "days 1, 3 and 5". */
export function dayWords(days: readonly number[]): string {
  if (days.length === 1) return `day ${days[0]}`;
  const run = days.every((d, i) => i === 0 || d === days[i - 1] + 1);
  if (run && days.length > 2) return `days ${days[0]}–${days[days.length - 1]}`;
  return `days ${days.slice(0, -1).join(', ')} and ${days[days.length - 1]}`;
}

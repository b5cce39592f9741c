import type { WalkHere } from '@tinder/core/output/walk';
import type { Units } from './units';
import { limitWords, oddsWords } from './risk-words';
import { sentenceStart } from './sentence-start';
import { NO_VERDICT, type Verdict, type VerdictState } from './verdict-words';

const LASTS: Record<VerdictState, string> = { within: 'enough', tight: 'tight', short: 'not enough' };

/** How a walk stands against the walker's limit: within it, over it, or more likely than not out of fuel before the next stop that fills up. */
const stateOf = ({ forecast, limit }: WalkHere): VerdictState =>
  forecast.runOut > 0.5 ? 'short' : forecast.runOut > limit ? 'tight' : 'within';

const lastDay = ({ carry }: WalkHere): number => carry.days[carry.days.length - 1].day;

const riskAgainstLimit = (here: WalkHere): string =>
  `${sentenceStart(oddsWords(here.forecast.runOut))} chance of running out, ${stateOf(here) === 'within' ? 'within' : 'over'} your limit of ${limitWords(here.limit)}.`;

/** Where a walk stands: what is left, whether it reaches the next stop that fills up, and the chance that it does not. */
export function walkVerdictWords(here: WalkHere, units: Pick<Units, 'text'>): Verdict {
  const { day, carry, leftG, ahead } = here;
  const state = stateOf(here);
  const left = `${units.text(Math.max(0, leftG.mean), 'mass')} left`;
  const lead = ahead.length
    ? `Day ${day}: ${left}, ${LASTS[state]} to reach ${carry.to} on day ${lastDay(here)}. `
    : `Day ${day}: ${left}, and nothing more to cook before ${carry.to}. `;
  return { ...NO_VERDICT, state, lead: [{ text: lead }], second: [{ text: `${riskAgainstLimit(here)} ` }] };
}

/** The same at one glance, as it is read at camp: "Tight: 31 g short". */
export function walkStandWords(here: WalkHere, units: Pick<Units, 'text'>): { state: VerdictState; lead: string; rest: string } {
  const state = stateOf(here);
  const rest = `Before ${here.carry.to} on day ${lastDay(here)}. ${riskAgainstLimit(here)}`;
  if (!here.ahead.length) return { state, lead: 'Nothing more to cook', rest };
  const grams = units.text(Math.abs(here.spareG), 'mass');
  const lead = state === 'within' ? `Enough: ${grams} to spare` : `${state === 'tight' ? 'Tight' : 'Not enough'}: ${grams} short`;
  return { state, lead, rest };
}

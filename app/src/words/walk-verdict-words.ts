import type { WalkHere } from '@tinder/core/walk';
import type { Units } from './units';
import { limitWords, reckonedOddsWords } from './risk-words';
import { sentenceStart } from './sentence-start';
import { NO_VERDICT, type Verdict, type VerdictState } from './verdict-words';

const LASTS: Record<VerdictState, string> = { within: 'enough', tight: 'tight', short: 'not enough' };

/** Where a walk under way stands: what is left, whether it reaches the next stop that fills up, and the chance that it does not. */
export function walkVerdictWords(here: WalkHere, units: Pick<Units, 'text'>): Verdict {
  const { day, carry, leftG, forecast, limit, ahead } = here;
  const last = carry.days[carry.days.length - 1].day;
  const state = forecast.runOut > 0.5 ? 'short' : forecast.runOut > limit ? 'tight' : 'within';
  const left = `${units.text(Math.max(0, leftG.mean), 'mass')} left`;
  const lead = ahead.length
    ? `Day ${day}: ${left}, ${LASTS[state]} to reach ${carry.to} on day ${last}. `
    : `Day ${day}: ${left}, and nothing more to cook before ${carry.to}. `;
  const against = state === 'within' ? 'within' : 'over';
  return {
    ...NO_VERDICT,
    state,
    lead: [{ text: lead }],
    second: [
      {
        text: `${sentenceStart(reckonedOddsWords(forecast.runOut))} chance of running out, ${against} your limit of ${limitWords(limit)}. `,
      },
    ],
  };
}

import { COLD_WORDS, USUAL_ASCENT_M, USUAL_KM, type StarterAnswers } from '@tinder/core/trail';
import type { Units } from './units';

/** What a starter takes for granted, where nothing was asked: told before the trip is made, and changed on the trail. */
export function assumedWords({ cold }: Pick<StarterAnswers, 'cold'>, units: Pick<Units, 'text'>): string {
  const air =
    cold === 'bySeason'
      ? 'the air of a simulated climate'
      : `${units.text(COLD_WORDS[cold].supperAirC, 'temperature')} at dinner and ${units.text(COLD_WORDS[cold].breakfastAirC, 'temperature')} at breakfast`;
  const way = `${units.text(USUAL_KM, 'distance')} and ${units.text(USUAL_ASCENT_M, 'altitude')} up a day`;
  return `Assumed: ${air}, ${way}, stream water, filtered; dishes as in the open trip. All of it can be changed on Trail and Menu.`;
}

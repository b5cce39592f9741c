import { cookedMin, DONENESS, HOLDABLE_C, HOT_C, REHYDRATE_C, restForDonenessS, type Cozy, type Rest } from '@tinder/core/physics/burn';
import type { PlannedMeal } from '@tinder/core/planning/planned';
import { formatDuration } from '@tinder/core/foundation/units';
import { PART_WORDS } from './part-words';
import { sentenceStart } from './sentence-start';
import type { Units } from './units';

export const COZY_WORDS: Record<Cozy, string> = {
  none: 'bare',
  reflective: 'reflective cozy',
  foam: 'foam cozy',
  down: 'in the sleeping bag',
};

/** What a packet's ten minutes come to: 400 mL from the boil at sea level with 120 g stirred in, bag unwrapped in a 20 °C room, min at 90 °C (this model). */
const PACKET_DONE_MIN = 7;
const PACKET_REST_S = 600;
/** Longer than this nobody waits, s. */
const LONG_S = 3 * 3600;

/** How a meal cools, and whether it can be held. */
export function coolingWords({ meal, day }: Pick<PlannedMeal, 'meal' | 'day'>, r: Rest, units: Pick<Units, 'text'>): string {
  const minutes = (s: number): string => (s > LONG_S ? 'more than 3 h' : `${Math.round(s / 60)} min`);
  const outside = r.surfaceAtS(60);
  const held = outside > HOLDABLE_C ? 'too hot to hold bare-handed' : 'can be held';
  return (
    `${sentenceStart(PART_WORDS[meal])} on day ${day}: ${units.text(r.atS(PACKET_REST_S), 'temperature')} after 10 min; above ${units.text(REHYDRATE_C, 'temperature')} for ${minutes(r.untilC(REHYDRATE_C))}, ` +
    `above ${units.text(HOT_C, 'temperature')} for ${minutes(r.untilC(HOT_C))}. Its outside is ${units.text(outside, 'temperature')}: ${held}.`
  );
}

/** How far ten minutes cook it, and the rest it wants here. Held at the target counts too: food that simmers is in the pot. */
export function restCooksWords(
  { burn, facts }: Pick<PlannedMeal, 'burn' | 'facts'>,
  r: Rest,
  dryG: number,
  units: Pick<Units, 'text'>,
): string {
  const simmered = cookedMin(() => burn.targetC, facts.holdS);
  const after = simmered + cookedMin(r.atS, PACKET_REST_S);
  const stirred = dryG > 0 ? `Stirring in ${units.text(dryG, 'mass')} of food drops it to ${units.text(r.atS(0), 'temperature')}. ` : '';
  const reference = units.text(DONENESS.referenceC, 'temperature');
  return `${stirred}Ten minutes cook it as far as ${after.toFixed(1)} min at ${reference} would. A packet that says 10 min counts on about ${PACKET_DONE_MIN}: for such a one ${wantsWords(r, simmered)}. What this dish wants stands on its card.`;
}

function wantsWords(r: Rest, simmeredMin: number): string {
  if (simmeredMin >= PACKET_DONE_MIN) return 'no rest is needed';
  const needS = restForDonenessS(r.atS, PACKET_DONE_MIN - simmeredMin);
  return needS === undefined ? 'it cools too soon, wrapped as here' : `it takes a rest of ${formatDuration(needS)} here`;
}

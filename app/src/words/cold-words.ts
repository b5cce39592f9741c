import { strengthName, type Strength } from '@tinder/core/physics/canister';
import { FUELS, type BlendByMass } from '@tinder/core/physics/fuel';
import type { ColdView, InferredBlend } from '@tinder/core/studies/study';
import type { Units } from './units';

export const STRENGTH_WORDS: Record<Strength, string> = { strong: 'strong', reduced: 'reduced', weak: 'weak', wontRun: 'won’t run' };

/** "propane 22 %, isobutane 78 %" */
export const blendWords = (b: BlendByMass): string =>
  [
    ['propane', b.propane],
    ['isobutane', b.isobutane],
    ['n-butane', b.nButane],
  ]
    .filter(([, share]) => Number(share) > 0.005)
    .map(([name, share]) => `${name} ${Math.round(100 * Number(share))} %`)
    .join(', ');

/** The share of the trip's meals that the cold takes the flame from, and down to which air each strength holds. */
export function coldWords(v: ColdView, units: Pick<Units, 'text'>): string {
  const share = `${Math.round(100 * v.belowLimit)} % of this trip’s hot meals find less than a quarter of the flame.`;
  const at = (airC: number | undefined, never: string): string => (airC === undefined ? never : units.text(airC, 'temperature'));
  const limit = (l: ColdView['limits'][number]): string =>
    `${STRENGTH_WORDS[l.name]} above ${at(l.fullC, 'no temperature here')} full, ${at(l.lowC, 'never')} nearly empty`;
  return `${share} The flame is ${v.limits.map(limit).join('; ')}.`;
}

/** How strong the flame is at one place of the map. */
export function coldReadingWords(v: ColdView, { airC, fraction }: { airC: number; fraction: number }, units: Pick<Units, 'text'>): string {
  const nearest = (list: readonly number[], x: number): number =>
    list.reduce((a, b, i) => (Math.abs(b - x) < Math.abs(list[a] - x) ? i : a), 0);
  const s = v.strength[nearest(v.fractions, fraction)][nearest(v.airC, airC)];
  return `Air ${units.text(airC, 'temperature')}, ${Math.round(100 * fraction)} % left: ${STRENGTH_WORDS[strengthName(s)]}, ${Math.round(100 * s)} % of full power when lit.`;
}

/** What one boil seen tells of the can. */
export function inferredWords(f: InferredBlend | undefined, units: Pick<Units, 'text'>): string {
  const min = (m: number): string => units.text(m, 'minutes', 1);
  switch (f?.kind) {
    case undefined:
      return 'There is no canister in this kit.';
    case 'found': {
      const like = FUELS.filter((x) => f.likeFuelIds.includes(x.id)).map((x) => x.name);
      const labels = like.length ? ` Like it on the shelf: ${like.join('; ')}.` : ' No blend of the catalogue is like it.';
      return `It behaves like ${blendWords(f.blend)}; anywhere from ${blendWords(f.poorer)} to ${blendWords(f.richer)} would look the same.${labels}`;
    }
    case 'tellsNothing':
      return `Any blend boils this in about ${min(f.minutes)} here: the canister was warm enough. Try again in more cold or with less left.`;
    case 'tooQuick':
      return f.minutes === undefined
        ? 'No blend that is sold would light there: the canister was warmer than the air. Choose above what was done to warm it.'
        : `Even the richest blend sold needs ${min(f.minutes)}: the canister was warmer than the air, or the water was less or warmer.`;
    case 'tooSlow':
      return `Even plain butane needs only ${min(f.minutes)}: something else slowed it. Was the flame full, the lid on, the air calm?`;
  }
}

import type { BriefLine } from '@tinder/core/output/pack';
import { cautionWords } from './caution-words';
import { HAZARD_WORDS } from './hazard-words';
import { RESTRICTION_WORDS } from './trail-words';
import { measured } from './measured';
import type { Units } from './units';

/** "whole trip"; "days 6–9 and 18–20". */
export const whereWords = (days: BriefLine['days']): string =>
  days.length
    ? `days ${days.map((d) => (d.from === d.to ? `${d.from}` : `${d.from}–${d.to}`)).join(' and ')}`.replace(/^days (\d+)$/, 'day $1')
    : 'whole trip';

/** One line of the brief, without where it applies. */
export function briefWords({ what }: BriefLine, units: Pick<Units, 'text'>): string {
  switch (what.kind) {
    case 'caution':
      return cautionWords(what.caution, units);
    case 'hazard':
      return HAZARD_WORDS[what.hazard];
    case 'rule': {
      const rule = RESTRICTION_WORDS[what.restriction];
      return what.note
        ? `Fire: ${rule}. ${what.note}.`
        : `Fire: ${rule}. Nobody was asked yet: ask the land manager before leaving, and read the notice at the trailhead.`;
    }
    case 'coldSoak':
      return measured('Soaked cold: a clean jar, and eaten within 2 hours above {4 °C}, 1 hour above {32 °C} (USDA-FSIS).', units);
  }
}
/** Said before all of it. */
export const BRIEF_FIRST = 'The maker’s manual, local law and the land manager come first.';

import { WIND_WORDS_MPS, type WindWord } from '@tinder/core/burn';
import { WIND_WORDS } from './choice-words';
import type { Units } from './units';

/** The words for wind with the speed that each stands for: "Light, 2.0 m/s". */
export const windOptions = (units: Pick<Units, 'text'>): { value: WindWord; label: string }[] =>
  (Object.keys(WIND_WORDS) as WindWord[]).map((value) => ({
    value,
    label: `${WIND_WORDS[value]}, ${units.text(WIND_WORDS_MPS[value], 'speed')}`,
  }));

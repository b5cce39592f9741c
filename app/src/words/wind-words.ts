import { WIND_WORDS_MPS, type WindWord } from '@tinder/core/physics/burn';
import { WIND_WORDS } from './choice-words';
import type { Units } from './units';

/** The words for wind, each with the speed that it stands for: "Light" with "2.0 m/s". */
export const windSpeeds = (units: Pick<Units, 'text'>): { value: WindWord; label: string; note: string }[] =>
  (Object.keys(WIND_WORDS) as WindWord[]).map((value) => ({
    value,
    label: WIND_WORDS[value],
    note: units.text(WIND_WORDS_MPS[value], 'speed'),
  }));

/** The same in one line: "Light, 2.0 m/s". */
export const windOptions = (units: Pick<Units, 'text'>): { value: WindWord; label: string }[] =>
  windSpeeds(units).map(({ value, label, note }) => ({ value, label: `${label}, ${note}` }));

/** The word whose speed is nearest to a wind at the flame, m/s. */
export const nearestWindWord = (mps: number): WindWord =>
  (Object.keys(WIND_WORDS_MPS) as WindWord[]).reduce((a, b) =>
    Math.abs(WIND_WORDS_MPS[b] - mps) < Math.abs(WIND_WORDS_MPS[a] - mps) ? b : a,
  );

import type { PotMaterial, Site, WindscreenKind, WindWord } from '@tinder/core';
import type { Option } from '../ui/choice';

/** Words for the choices of the Carry view, in the walker's language. */
export const WINDSCREEN_WORDS: Record<WindscreenKind, string> = {
  none: 'none',
  plate: 'plate clipped on the burner',
  folded: 'folded pad or rocks',
  foil: 'foil all round, with a gap',
  cone: 'fitted cone',
};
export const WIND_WORDS: readonly Option<WindWord>[] = [
  { value: 'steady', label: 'steady' },
  { value: 'leaning', label: 'leaning' },
  { value: 'blown', label: 'blown about' },
  { value: 'out', label: 'blows out' },
];
export const SITE_WORDS: Record<Site, string> = {
  ridge: 'open ridge',
  trees: 'scattered trees',
  forest: 'forest, or behind a wall',
  hollow: 'deep hollow',
};
export const MATERIAL_WORDS: Record<PotMaterial, string> = { titanium: 'titanium', aluminium: 'aluminium', stainless: 'stainless' };

import type { Site, WindscreenKind, WindWord } from '@tinder/core/burn';
import type { Warming } from '@tinder/core/canister';

/** Words for the choices of the Carry view, in the walker's language. */
export const WINDSCREEN_WORDS: Record<WindscreenKind, string> = {
  none: 'none',
  plate: 'plate clipped on the burner',
  folded: 'folded pad or rocks',
  foil: 'foil all round, with a gap',
  cone: 'fitted cone',
};
export const WIND_WORDS: Record<WindWord, string> = {
  steady: 'steady',
  leaning: 'leaning',
  blown: 'blown about',
  out: 'blows out',
};
export const SITE_WORDS: Record<Site, string> = {
  ridge: 'open ridge',
  trees: 'scattered trees',
  forest: 'forest, or behind a wall',
  hollow: 'deep hollow',
};
export const WARMING_WORDS: Record<Warming, string> = {
  none: 'as cold as the air',
  pad: 'on a pad',
  jacket: 'worn inside the jacket before',
  slept: 'slept with',
  handWarmer: 'with a hand warmer',
  bath: 'in a tepid water bath',
};

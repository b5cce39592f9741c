import type { Site, WindscreenKind, WindWord } from '@tinder/core/physics/burn';
import type { Warming } from '@tinder/core/physics/canister';

/** Words for the choices of the Carry view, in the walker's language. */
export const WINDSCREEN_WORDS: Record<WindscreenKind, string> = {
  none: 'none',
  plate: 'plate clipped on the stove',
  folded: 'folded pad or rocks',
  foil: 'foil all round, with a gap',
  cone: 'fitted cone',
};
/** Wind where one cooks; what an unscreened flame does in it is the hint's text. */
export const WIND_WORDS: Record<WindWord, string> = {
  steady: 'Calm',
  leaning: 'Light',
  blown: 'Moderate',
  out: 'Strong',
};
export const SITE_WORDS: Record<Site, string> = {
  ridge: 'open ridge',
  trees: 'scattered trees',
  forest: 'forest, or behind a wall',
  hollow: 'deep hollow',
};
export const WARMING_WORDS: Record<Warming, string> = {
  none: 'same as air',
  pad: 'insulated from the ground',
  jacket: 'worn in the jacket before',
  slept: 'in the sleeping bag',
  handWarmer: 'with a hand warmer',
  bath: 'in lukewarm water',
};

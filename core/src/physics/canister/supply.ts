import type { BlendByMass } from '../fuel';
import { jetFlow, unregulatedSupply } from './flow';
import { blendPressure } from './vapour-pressure';

/** How a burner takes gas from its can: vapour through a plain jet, vapour behind a regulator, or the liquid itself. */
export type GasFeed = 'vapour' | 'regulated' | 'liquid';

/** A regulator holds this much above ambient, Pa (docs/physics.md, The can). */
const REGULATED_ABOVE_AMBIENT_PA = 100_000;
/** Sea-level upstream pressure at which a regulated burner is rated, Pa absolute. */
const REGULATED_RATING_PA = 201_325;
/** Liquid feed runs down to the bubble temperature at ambient pressure plus this, K (docs/physics.md, The can). */
const LIQUID_MARGIN_K = 3;
/** Share of ambient pressure over which liquid feed fades out (assumption). */
const LIQUID_FADE = 0.05;

/** Cans colder or hotter than this feed what they feed here, °C: below none burns, above the valve is the limit (and a caution stands). */
const TRUSTED_C = { lowest: -75, highest: 80 };

/**
 * Share of rated power that a can of this blend can feed at full opening, as a function of its temperature in °C.
 * May exceed 1 in a warm can on a plain jet; the valve setting limits it.
 */
export function canSupply(feed: GasFeed, blend: BlendByMass, ambientPa: number): (canC: number) => number {
  const pure = blendPressure(blend);
  const pressure = (canC: number): number => pure(Math.min(TRUSTED_C.highest, Math.max(TRUSTED_C.lowest, canC)));
  switch (feed) {
    case 'vapour':
      return (canC) => unregulatedSupply(pressure(canC), ambientPa);
    case 'regulated': {
      const rated = jetFlow(REGULATED_RATING_PA, 101_325);
      return (canC) => jetFlow(Math.min(pressure(canC), ambientPa + REGULATED_ABOVE_AMBIENT_PA), ambientPa) / rated;
    }
    case 'liquid':
      // fades over the last few per cent of pressure rather than in a jump, as a sputtering burner does
      return (canC) => Math.min(1, Math.max(0, 1 + (pressure(canC - LIQUID_MARGIN_K) / ambientPa - 1) / LIQUID_FADE));
  }
}

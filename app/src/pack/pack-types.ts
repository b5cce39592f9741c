export type { PackSums } from '@tinder/core/pack';
/** In the order in which they are packed. */
export const PACK_GROUPS = ['kit', 'fuel', 'food', 'water'] as const;

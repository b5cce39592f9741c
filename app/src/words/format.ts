import type { Quantity } from '@tinder/core/foundation/units';

/** Formats a core value in the walker's units. */
export type Format = (value: number, quantity: Quantity, decimals?: number) => string;

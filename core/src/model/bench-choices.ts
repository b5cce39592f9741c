/** How a burn ended: at its target, or not. */
export const TEST_ENDS = ['reached', 'stalled', 'wentOut', 'notLit'] as const;
export type TestEnd = (typeof TEST_ENDS)[number];

/** The two setups of a question. */
export const ARMS = ['a', 'b'] as const;
export type Arm = (typeof ARMS)[number];

/** What a pot wears while it cools. */
export const DRESSES = ['open', 'lid', 'sleeve', 'cozy'] as const;

import type { LookHow } from '@tinder/core/domain/model';

/** A way of looking at a container, step by step. */
export interface LookGuide {
  steps: readonly string[];
  /** How sure it is, and what to mind. */
  mind: string;
}

/** Ways a walker can take by hand; what a trip took or another can gave is written down by itself. */
export type GuidedHow = Exclude<LookHow, 'walked' | 'joined'>;

export const LOOK_GUIDES: Record<GuidedHow, LookGuide> = {
  weighed: {
    steps: [
      'Take stove, cap and plastic foot off.',
      'Stand it in the middle of the scale, dry.',
      'Type what the scale shows, or read the simulated one.',
    ],
    mind: 'A kitchen scale is right within 1 or 2 grams. Fuel left is that weight less the empty container.',
  },
  floated: {
    steps: [
      'Fresh water in something wider than the canister: a bucket, a sink, a large pot. A solo pot is too narrow.',
      'Push it under on its side until the hollow of its foot is full, then let it stand.',
      'Read how deep it stands on its low side and on its high side, with a ruler from its foot.',
    ],
    mind: 'Without a mark the hollow of the foot is guessed: give or take some {15 g}. In the sea it floats a fortieth higher. Tall canisters lie over and cannot be read.',
  },
  marked: {
    steps: [
      'Do it when you know what is in it: new, or just weighed.',
      'Flood the hollow of its foot, let it stand in fresh water, and scratch or tape a line where the water meets it.',
    ],
    mind: 'From then on what has gone since is read from how far the line has risen, without the tare and the hollow.',
  },
  risen: {
    steps: [
      'Flood the foot as when you marked it, and let it stand in fresh water.',
      'Measure from the water up to its mark: the mean of both sides.',
    ],
    mind: 'Good to {7 g} on a small canister and {10 g} on a wide one. Never heat a canister to read it.',
  },
  balanced: {
    steps: [
      'Lay a straight pole over a cord and move it until it balances bare; mark that place.',
      'Hang the canister near one end and a bottle of known water on the other side; slide the bottle until it balances again.',
      'Measure from the cord to both.',
    ],
    mind: 'Half a litre of water on half a metre weighs a canister to about {9 g}. Water and bottle are typed together.',
  },
  burnt: {
    steps: [
      'Add up the minutes of flame since the last look.',
      'What the flame takes in a minute: from the maker, or from a burn between two weighings.',
      'How cold the canister was, about: a cold one gives off its light gases first.',
    ],
    mind: 'The flow is off for all burns alike: 15 % of all that was burnt, however many burns.',
  },
  counted: { steps: ['Count what is left, half ones as half.'], mind: 'Damp tablets burn badly: keep them wrapped.' },
  measured: {
    steps: ['Pour it into a measure and read it at eye level.', 'Pour it back, and wipe up what ran over. No flame near.'],
    mind: 'Spirit and liquid fuel are poured outdoors or at an open window, away from flames.',
  },
};

/** Said wherever gas is poured from can to can. */
export const JOIN_CAUTIONS: readonly string[] = [
  'Many makers and many places forbid refilling. They and the law come first; the decision is yours.',
  'Outdoors only, no flame and no spark near, nothing that smokes.',
  'The receiver cold and below, the sender warm in the hand and above: never heated by anything.',
  'Identical blends only, never above what the receiver is rated for, and only into a canister without dents or rust.',
  'Weigh both after every pass; listen and feel for leaks before either goes into a pack.',
];

/** How to be rid of an empty one. */
export const EMPTIES_WORDS =
  'Empty means empty: burn it until the flame dies with the canister warm in the hand, listen with the valve open, outdoors. Then to the metal recycling, whole or pierced as the place asks for.';

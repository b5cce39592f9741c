/** Told when a drag is over, so that the next edit is a step of its own. Given by whoever keeps the history. */
export abstract class GestureEnd {
  abstract endGesture(): void;
}

let count = 0;

/** An id of its own for every gesture: edits that carry the same one are a single undo step, and no two gestures share one. */
export const newGesture = (): string => `gesture-${++count}`;

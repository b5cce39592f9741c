/** Undo history of one value: pure transitions. */
export interface History<T> {
  past: readonly Step<T>[];
  present: T;
  future: readonly Step<T>[];
  /** Gesture of the last edit: edits of one gesture are one step. */
  gesture?: string | undefined;
}

export interface Step<T> {
  value: T;
  /** What the edit did, in the walker's words: "days", "windscreen". */
  label: string;
}

/** Steps kept; older ones are forgotten. */
export const HISTORY_LIMIT = 200;

export const newHistory = <T>(present: T): History<T> => ({ past: [], present, future: [] });

/** Records an edit. Edits with the same `gesture` as the one before (a drag) join it. An edit that changes nothing is not recorded. */
export function record<T>(h: History<T>, value: T, label: string, gesture?: string): History<T> {
  if (value === h.present) return h;
  if (gesture !== undefined && gesture === h.gesture) return { ...h, present: value, future: [] };
  return { past: [...h.past, { value: h.present, label }].slice(-HISTORY_LIMIT), present: value, future: [], gesture };
}

/** What an edit starts from: a gesture is always applied to what was there when it began, so that dragging there and back loses nothing. */
export function editBase<T>(h: History<T>, gesture: string | undefined): T {
  const began = h.past.at(-1);
  return gesture !== undefined && gesture === h.gesture && began ? began.value : h.present;
}

/** Ends the running gesture, so that the next edit is a step of its own. */
export const endGesture = <T>(h: History<T>): History<T> => (h.gesture === undefined ? h : { ...h, gesture: undefined });

/** One step back; unchanged when there is none. */
export function undo<T>(h: History<T>): History<T> {
  const last = h.past.at(-1);
  if (!last) return h;
  return { past: h.past.slice(0, -1), present: last.value, future: [{ value: h.present, label: last.label }, ...h.future] };
}

/** One step forward; unchanged when there is none. */
export function redo<T>(h: History<T>): History<T> {
  const [next, ...rest] = h.future;
  if (!next) return h;
  return { past: [...h.past, { value: h.present, label: next.label }], present: next.value, future: rest };
}

/** Applies to every state what happened elsewhere: it is no step of this history, and undo does not take it back. */
export function rebase<T>(h: History<T>, change: (value: T) => T): History<T> {
  const step = (s: Step<T>): Step<T> => ({ ...s, value: change(s.value) });
  return { ...h, past: h.past.map(step), present: change(h.present), future: h.future.map(step) };
}

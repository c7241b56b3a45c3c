/** What was, is, and was taken back. Pure. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** Edits of this group at a short distance are one step. */
  readonly group?: string | undefined;
  readonly lastEdit: number;
}

/** A pause after which typing counts as a new step, in ms. */
export const PAUSE = 1200;
const MOST_STEPS = 500;

export const begin = <T>(present: T): History<T> => ({
  past: [],
  present,
  future: [],
  lastEdit: 0,
});

/**
 * Takes a new state in. Within a group and without a pause it replaces the last step.
 * @param now in ms; given, so that this stays pure
 */
export function advance<T>(history: History<T>, next: T, now: number, group?: string): History<T> {
  if (next === history.present) return history;
  const joins = group !== undefined && group === history.group && now - history.lastEdit < PAUSE;
  const past = joins ? history.past : [...history.past, history.present].slice(-MOST_STEPS);
  return { past, present: next, future: [], group, lastEdit: now };
}

export function undo<T>(history: History<T>): History<T> {
  const previous = history.past.at(-1);
  if (previous === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: previous,
    future: [history.present, ...history.future],
    lastEdit: 0,
  };
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future, lastEdit: 0 };
}

/** A change that is no step of its own: it holds before, now and after what was taken back. */
export function throughout<T>(history: History<T>, change: (state: T) => T): History<T> {
  const { past, present, future } = history;
  return {
    ...history,
    past: past.map(change),
    present: change(present),
    future: future.map(change),
  };
}

import type { Thread } from '@drop-close/core';
import { create } from 'zustand';

/** The one voice that is followed, if any. Its thread is an object of the chorus in hand. */
interface ThreadFocus {
  /** Under the pointer. */
  readonly under: Thread | undefined;
  /** Taken up by key; stays while one steps from chord to chord. */
  readonly taken: Thread | undefined;
}

export const useThreadFocus = create<ThreadFocus>(() => ({ under: undefined, taken: undefined }));

export const covers = ({ from, voices }: Thread, index: number): boolean =>
  index >= from && index < from + voices.length;

/** The voice of a thread at a chord, bottom to top; `undefined` where it does not sound. */
export const voiceAt = ({ from, voices }: Thread, index: number): number | undefined =>
  voices[index - from];

/** The next thread to take up at a chord: the top voice, then down, then none. */
export function nextThread(
  threads: readonly Thread[],
  index: number,
  taken: Thread | undefined,
): Thread | undefined {
  const here = threads
    .filter((thread) => covers(thread, index))
    .sort((a, b) => voiceAt(b, index)! - voiceAt(a, index)!);
  const at = taken ? here.indexOf(taken) : -1;
  return here[at + 1];
}

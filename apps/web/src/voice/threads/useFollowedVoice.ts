import { useChorus } from '../../engine/useChorus';
import { useBand } from '../../playback/useBand';
import { covers, nextThread, useThreadFocus, voiceAt } from './focus';
import { useThreadListening } from './useThreadListening';
import { useThreads } from './useThreads';

/** The voice taken up by key: how to take it, and how to hear it. */
export interface FollowedVoice {
  /** Takes up the top voice of a chord, then the ones below, then none. */
  readonly takeNext: (index: number) => void;
  /** Hears its note at a chord one has stepped to. */
  readonly hearAt: (index: number) => void;
  /** Hears it alone from a chord on. */
  readonly hearOn: (index: number) => void;
}

export function useFollowedVoice(): FollowedVoice {
  const threads = useThreads();
  const chorus = useChorus();
  const { hearNotes } = useBand();
  const { hearThread } = useThreadListening();
  const { taken } = useThreadFocus();
  const path = chorus?.outcome.status === 'found' ? chorus.outcome.path : [];
  // A new answer of the engine has new threads: one that is gone is no longer followed.
  const standing = taken && threads.includes(taken) ? taken : undefined;
  const sound = (thread: typeof standing, index: number): void => {
    const voice = thread && voiceAt(thread, index);
    const midi = voice === undefined ? undefined : path[index]?.notes[voice]?.midi;
    if (midi !== undefined) hearNotes([midi]);
  };
  return {
    takeNext: (index) => {
      const next = nextThread(threads, index, standing);
      useThreadFocus.setState({ taken: next });
      sound(next, index);
    },
    hearAt: (index) => {
      sound(standing, index);
    },
    hearOn: (index) => {
      const thread =
        standing && covers(standing, index) ? standing : nextThread(threads, index, undefined);
      if (thread) hearThread(thread, index);
    },
  };
}

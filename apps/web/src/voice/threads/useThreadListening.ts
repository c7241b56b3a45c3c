import type { BandPlan, PlannedNote, Thread, Timeline, Voicing } from '@drop-close/core';
import { useChorus } from '../../engine/useChorus';
import { useBand } from '../../playback/useBand';

const VELOCITY = 84;

/** One voice from a chord on: each of its notes as long as it is held. */
export function threadPlan(
  { from, voices }: Thread,
  index: number,
  { events }: Timeline,
  path: readonly Voicing[],
): BandPlan {
  const begin = events[index]?.at ?? 0;
  const notes: PlannedNote[] = [];
  voices.forEach((voice, i) => {
    const event = events[from + i];
    const midi = path[from + i]?.notes[voice]?.midi;
    if (!event || midi === undefined || from + i < index) return;
    const last = notes.at(-1);
    const at = event.at - begin;
    if (last?.midi === midi)
      notes[notes.length - 1] = { ...last, length: at + event.length - last.at };
    else notes.push({ part: 'comp', midi, at, length: event.length, velocity: VELOCITY });
  });
  const end = notes.at(-1);
  return { notes, length: end ? end.at + end.length : 0, pickup: 0 };
}

/** Hears one voice alone. */
export function useThreadListening() {
  const chorus = useChorus();
  const { hearPlan } = useBand();
  const path = chorus?.outcome.status === 'found' ? chorus.outcome.path : [];
  return {
    hearThread: (thread: Thread, index: number): void => {
      if (chorus) hearPlan(threadPlan(thread, index, chorus.timeline, path));
    },
  };
}

import { threadsOf, type Thread } from '@drop-close/core';
import type { VoicedPath } from '../../engine/protocol';
import { useChorus } from '../../engine/useChorus';

const NONE: readonly Thread[] = [];
const known = new WeakMap<VoicedPath, readonly Thread[]>();

/** Every voice of the chorus in hand; the very same threads wherever they are asked for. */
export function useThreads(): readonly Thread[] {
  const outcome = useChorus()?.outcome;
  if (outcome?.status !== 'found') return NONE;
  const threads = known.get(outcome) ?? threadsOf(outcome.path, outcome.changes);
  known.set(outcome, threads);
  return threads;
}

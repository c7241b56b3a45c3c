import type { ComposedChoruses } from '../../engine/protocol';
import { useCompositionStore } from '../../engine/useComposition';

/** The choruses as they are once all edits so far are composed. */
const composedNow = (): Promise<ComposedChoruses | undefined> =>
  new Promise((resolve) => {
    const answer = (): boolean => {
      const { working, composed } = useCompositionStore.getState();
      if (!working) resolve(composed);
      return !working;
    };
    if (answer()) return;
    const stop = useCompositionStore.subscribe(() => {
      if (answer()) stop();
    });
  });

/** Choruses are composed anew while one asks about the last ones; more often than this nobody waits. */
const MOST_TRIES = 10;

/** Asks about the choruses as they are now; asked again where they were composed anew meanwhile. */
export async function askNow<T>(
  ask: (composed: ComposedChoruses) => Promise<T | undefined>,
): Promise<T | undefined> {
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const composed = await composedNow();
    const answer = composed && (await ask(composed));
    const { working, composed: latest } = useCompositionStore.getState();
    if (answer !== undefined || (!working && latest === composed)) return answer;
  }
  return undefined;
}

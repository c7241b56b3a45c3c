import { askLatest } from '../../engine/askLatest';
import type { ComposedChoruses } from '../../engine/protocol';
import { useCompositionStore } from '../../engine/useComposition';

/** Asks about the choruses as they are once all edits so far are composed. */
export const askNow = <T>(
  ask: (composed: ComposedChoruses) => Promise<T | undefined>,
): Promise<T | undefined> =>
  askLatest([useCompositionStore], () => useCompositionStore.getState().composed, ask);

import { create } from 'zustand';
import type { ComposedChoruses } from './protocol';

interface CompositionState {
  /** The last answer of the engine while the Comp screen is open; stays until the next one is there. */
  readonly composed: ComposedChoruses | undefined;
  readonly working: boolean;
  readonly failure: string | undefined;
}

const NOTHING: CompositionState = { composed: undefined, working: false, failure: undefined };

export const useCompositionStore = create<CompositionState>(() => NOTHING);

export const useComposition = (): ComposedChoruses | undefined =>
  useCompositionStore((state) => state.composed);

export const clearComposition = (): void => {
  useCompositionStore.setState(NOTHING);
};

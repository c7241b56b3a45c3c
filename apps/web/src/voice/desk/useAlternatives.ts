import type { Alternative } from '@drop-close/core';
import { useEffect } from 'react';
import { create } from 'zustand';
import { engine } from '../../engine/client';
import { useChorus } from '../../engine/useChorus';
import { useSelection } from '../../place/selection';

/** As many alternatives as one looks through. */
const SHOWN = 24;

/** What a player asks of the list: one step along it, or the best that is not turned down. */
export type Ask = 'cheaper' | 'dearer' | 'next best';

interface AlternativesState {
  readonly chorusId: number;
  readonly index: number;
  readonly list: readonly Alternative[];
  /** Asked by key before the list of its chord was there. */
  readonly waiting: readonly { readonly index: number; readonly ask: Ask }[];
}

export const useAlternativesStore = create<AlternativesState>(() => ({
  chorusId: 0,
  index: -1,
  list: [],
  waiting: [],
}));

/** Asks the engine for the alternatives of the chord in hand. Used once, by the side panel. */
export function useAlternatives(): readonly Alternative[] {
  const chorus = useChorus();
  const { index } = useSelection();
  useEffect(() => {
    if (chorus?.outcome.status !== 'found') return;
    void engine.alternatives(chorus.id, index, SHOWN).then((list) => {
      if (list) useAlternativesStore.setState({ chorusId: chorus.id, index, list });
    });
  }, [chorus, index]);
  const state = useAlternativesStore();
  return state.index === index ? state.list : [];
}

/**
 * Answers what was asked while the engine was still at the list, one ask a paint; what was asked of a chord
 * that the hand has left is dropped. Used once, by the side panel.
 */
export function useWaitingAsks(answer: (ask: Ask) => void): void {
  const { index } = useSelection();
  const state = useAlternativesStore();
  useEffect(() => {
    useAlternativesStore.setState(({ waiting }) => ({
      waiting: waiting.filter((asked) => asked.index === index),
    }));
  }, [index]);
  useEffect(() => {
    const [first, ...rest] = state.waiting;
    if (first?.index !== index || state.index !== index) return;
    useAlternativesStore.setState({ waiting: rest });
    answer(first.ask);
  }, [answer, index, state]);
}

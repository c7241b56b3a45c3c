import { voicingKey, type Alternative, type Voicing } from '@drop-close/core';
import { create } from 'zustand';
import { useEffect } from 'react';
import { useDocument } from '../../document/store';
import { engine } from '../../engine/client';
import { useChorus } from '../../engine/useChorus';
import { useBand } from '../../playback/useBand';
import { noteChoice, turnedDownAt } from './noteChoice';
import { useHeldLocks } from './useHeldLocks';
import { useSelection } from '../../place/selection';

/** As many alternatives as one looks through. */
const SHOWN = 24;

interface AlternativesState {
  readonly chorusId: number;
  readonly index: number;
  readonly list: readonly Alternative[];
}

export const useAlternativesStore = create<AlternativesState>(() => ({
  chorusId: 0,
  index: -1,
  list: [],
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

export interface VoiceActions {
  /** Takes this voicing here and locks it. */
  readonly take: (voicing: Voicing) => void;
  /** Goes up or down the list of alternatives and takes what is there. */
  readonly step: (by: 1 | -1) => void;
  /** Takes the cheapest alternative that has not been turned down here, and turns this one down. */
  readonly turnDown: () => void;
  readonly toggleLock: () => void;
}

export function useVoiceActions(): VoiceActions {
  const chorus = useChorus();
  const { index, event } = useSelection();
  const { hear } = useBand();
  const { dispatch } = useDocument.getState();
  const path = chorus?.outcome.status === 'found' ? chorus.outcome.path : [];
  const symbol = event?.chord.symbol;
  const locked = useHeldLocks().held.find(({ at }) => at === index);
  // The voicing in hand may be newer than the engine's last answer.
  const voicing = locked?.voicing ?? path[index];

  const take = (chosen: Voicing, turnedDown?: readonly Voicing[]): void => {
    if (symbol === undefined) return;
    noteChoice(index, chosen, turnedDown);
    dispatch({ type: 'lock', at: index, symbol, voicing: chosen });
    hear(chosen);
  };
  return {
    take: (chosen) => {
      take(chosen);
    },
    step: (by) => {
      const { list, index: of } = useAlternativesStore.getState();
      if (!voicing || of !== index) return;
      const here = list.findIndex((item) => voicingKey(item.voicing) === voicingKey(voicing));
      const next = list[here + by];
      if (next) take(next.voicing);
    },
    turnDown: () => {
      const { list, index: of } = useAlternativesStore.getState();
      if (!voicing || of !== index) return;
      const turnedDown = [...turnedDownAt(index), voicing];
      const refused = new Set(turnedDown.map(voicingKey));
      const next = list.find((item) => !refused.has(voicingKey(item.voicing)));
      if (next) take(next.voicing, turnedDown);
    },
    toggleLock: () => {
      if (symbol === undefined || !voicing) return;
      if (locked) {
        dispatch({ type: 'unlock', at: index });
        return;
      }
      noteChoice(index, voicing);
      dispatch({ type: 'lock', at: index, symbol, voicing });
    },
  };
}

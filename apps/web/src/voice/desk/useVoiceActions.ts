import { voicingKey, type Voicing } from '@drop-close/core';
import { useDocument } from '../../document/store';
import { useChorus } from '../../engine/useChorus';
import { useBand } from '../../playback/useBand';
import { noteChoice, turnedDownAt } from './noteChoice';
import { useAlternativesStore, type Ask } from './useAlternatives';
import { useHeldLocks } from './useHeldLocks';
import { useSelection } from '../../place/selection';

export interface VoiceActions {
  /** Takes this voicing here and locks it. */
  readonly take: (voicing: Voicing) => void;
  /**
   * Takes the alternative beside the one in hand, or turns that one down for the cheapest that has not been
   * turned down here; as soon as the engine has listed them.
   */
  readonly ask: (what: Ask) => void;
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
  const answer = (inHand: Voicing, what: Ask): void => {
    const { list } = useAlternativesStore.getState();
    if (what === 'next best') {
      const turnedDown = [...turnedDownAt(index), inHand];
      const refused = new Set(turnedDown.map(voicingKey));
      const next = list.find((item) => !refused.has(voicingKey(item.voicing)));
      if (next) take(next.voicing, turnedDown);
      return;
    }
    const here = list.findIndex((item) => voicingKey(item.voicing) === voicingKey(inHand));
    const next = list[here + (what === 'dearer' ? 1 : -1)];
    if (next) take(next.voicing);
  };
  return {
    take: (chosen) => {
      take(chosen);
    },
    ask: (what) => {
      const { index: of, waiting } = useAlternativesStore.getState();
      if (of !== index) {
        useAlternativesStore.setState({ waiting: [...waiting, { index, ask: what }] });
      } else if (voicing) {
        answer(voicing, what);
      }
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

import { asVoiced, chordTones } from './chordTones';
import { tuneNow, useDocument } from '../../document/store';
import { useChorusStore } from '../../engine/useChorus';
import { useBand } from '../../playback/useBand';

/** What a player does to the top line. */
export interface LineActions {
  /** Wants a note on top of a chord, and hears it; `undefined` wants none. */
  readonly want: (at: number, midi: number | undefined) => void;
  /** Wants the tone of the chord that lies nearest to where one pressed; the same again takes it back. */
  readonly drawAt: (at: number, midi: number) => void;
}

export function useLineActions(): LineActions {
  const { hearNotes } = useBand();
  const want = (at: number, midi: number | undefined): void => {
    const symbol = useChorusStore.getState().chorus?.timeline.events[at]?.chord.symbol;
    if (symbol === undefined) return;
    useDocument.getState().dispatch({ type: 'want on top', at, symbol, midi });
    if (midi !== undefined) hearNotes([midi]);
  };
  return {
    want,
    drawAt: (at, midi) => {
      const event = useChorusStore.getState().chorus?.timeline.events[at];
      const setup = tuneNow()?.setup;
      if (!event || !setup) return;
      const nearest = nearestTone(chordTones(asVoiced(event.chord, at, setup)), midi);
      if (nearest === undefined) return;
      const { notes } = setup.line;
      const there = notes.some((note) => note.at === at && note.midi === nearest);
      want(at, there ? undefined : nearest);
    },
  };
}

/** Of pitch classes the pitch nearest to one; the lower of two as near. */
export function nearestTone(classes: ReadonlySet<number>, midi: number): number | undefined {
  for (let apart = 0; apart < 12; apart += 1) {
    if (classes.has((midi - apart) % 12)) return midi - apart;
    if (classes.has((midi + apart) % 12)) return midi + apart;
  }
  return undefined;
}

import { playingOf } from '../../voicing/playingOf';
import type { Instrument, Voicing } from '../../voicing/base/types';

/** Where one voice lies over a chorus, as MIDI notes. */
export interface VoiceRange {
  /** Counted from the top, 1 the top voice. */
  readonly voice: number;
  readonly low: number;
  readonly high: number;
  /** Half of its notes lie here or lower. */
  readonly middle: number;
}

/**
 * The range of every voice, counted from the top; chords with fewer voices have no part in the lower ones.
 * C4 E4 and then B3 F4 make voice 1 E4 to F4 and voice 2 B3 to C4.
 * @example voiceRanges([]) // []
 */
export function voiceRanges(path: readonly Voicing[]): VoiceRange[] {
  const most = Math.max(0, ...path.map(({ notes }) => notes.length));
  return Array.from({ length: most }, (_, below) => {
    const pitches = path.flatMap(({ notes }) => {
      const note = notes[notes.length - 1 - below];
      return note ? [note.midi] : [];
    });
    const sorted = pitches.sort((a, b) => a - b);
    const middle = sorted[Math.floor((sorted.length - 1) / 2)]!;
    return { voice: below + 1, low: sorted[0]!, high: sorted.at(-1)!, middle };
  });
}

/** What one hand holds of a chord: frets on strings, MIDI notes on keys. */
export interface HandSpan {
  /** Position of the chord in the path. */
  readonly at: number;
  readonly hand: 'fretting' | 'left' | 'right';
  readonly low: number;
  readonly high: number;
}

/** Where the hands lie, chord by chord; open strings need none, and a rest has none. */
export function handSpans(path: readonly Voicing[], instrument: Instrument): HandSpan[] {
  const isOnNeck = playingOf(instrument).positionsMm.length > 0;
  return path.flatMap(({ notes }, at) => {
    const spanOf = (hand: HandSpan['hand'], places: readonly number[]): HandSpan[] =>
      places.length ? [{ at, hand, low: Math.min(...places), high: Math.max(...places) }] : [];
    if (isOnNeck) {
      const frets = notes.flatMap(({ fret }) => (fret ? [fret] : []));
      return spanOf('fretting', frets);
    }
    return (['left', 'right'] as const).flatMap((hand) =>
      spanOf(
        hand,
        notes.filter((note) => note.hand === hand).map(({ midi }) => midi),
      ),
    );
  });
}

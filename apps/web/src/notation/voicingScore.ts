import { FRETTED, isFretted, type Instrument, type NoteName, type Voicing } from '@drop-close/core';
import type { EngravedNote } from './keys';

/** A voicing as it is written: on a staff over its tab, or on two staves. */
export type VoicingScore =
  | {
      readonly kind: 'staff and tab';
      /** How many half steps above what sounds it is written. */
      readonly writtenAbove: number;
      readonly strings: number;
      readonly notes: readonly EngravedNote[];
      readonly tab: readonly { readonly string: number; readonly fret: number }[];
    }
  | {
      readonly kind: 'two staves';
      readonly treble: readonly EngravedNote[];
      readonly bass: readonly EngravedNote[];
    };

/** One hand alone is written in the treble from here up. */
const MIDDLE_C = 60;

/** @param spell how a note is written for its reader */
export function voicingScore(
  { notes }: Voicing,
  instrument: Instrument,
  spell: (name: NoteName) => NoteName,
): VoicingScore {
  const engraved = notes.map(({ note, midi }): EngravedNote => ({ name: spell(note), midi }));
  if (isFretted(instrument)) {
    const { writtenAbove } = FRETTED[instrument.kind];
    return {
      kind: 'staff and tab',
      writtenAbove,
      strings: instrument.tuning.length,
      notes: engraved.map(({ name, midi }) => ({ name, midi: midi + writtenAbove })),
      tab: notes.map(({ string = 1, fret = 0 }) => ({ string, fret })),
    };
  }
  const hands = new Set(notes.map(({ hand }) => hand));
  const inTreble = notes.map(({ hand, midi }) =>
    hands.size > 1 ? hand === 'right' : midi >= MIDDLE_C,
  );
  return {
    kind: 'two staves',
    treble: engraved.filter((_, voice) => inTreble[voice]),
    bass: engraved.filter((_, voice) => !inTreble[voice]),
  };
}

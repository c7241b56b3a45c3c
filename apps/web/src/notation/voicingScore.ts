import type { Voicing } from '@drop-close/core';
import type { EngravedNote } from './keys';

/** A voicing as it is written: a guitar's an octave above what sounds, with its tab; a keyboard's on two staves. */
export type VoicingScore =
  | {
      readonly kind: 'guitar';
      readonly notes: readonly EngravedNote[];
      readonly tab: readonly { readonly string: number; readonly fret: number }[];
    }
  | {
      readonly kind: 'keyboard';
      readonly treble: readonly EngravedNote[];
      readonly bass: readonly EngravedNote[];
    };

/** A guitar is written so many half steps above what sounds. */
export const GUITAR_WRITTEN_ABOVE = 12;
/** One hand alone is written in the treble from here up. */
const MIDDLE_C = 60;

export function voicingScore({ notes }: Voicing): VoicingScore {
  const engraved = notes.map(({ note, midi }): EngravedNote => ({ name: note, midi }));
  if (notes.some(({ string }) => string !== undefined)) {
    return {
      kind: 'guitar',
      notes: engraved.map(({ name, midi }) => ({ name, midi: midi + GUITAR_WRITTEN_ABOVE })),
      tab: notes.map(({ string = 1, fret = 0 }) => ({ string, fret })),
    };
  }
  const hands = new Set(notes.map(({ hand }) => hand));
  const inTreble = notes.map(({ hand, midi }) =>
    hands.size > 1 ? hand === 'right' : midi >= MIDDLE_C,
  );
  return {
    kind: 'keyboard',
    treble: engraved.filter((_, voice) => inTreble[voice]),
    bass: engraved.filter((_, voice) => !inTreble[voice]),
  };
}

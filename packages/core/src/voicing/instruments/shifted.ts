import { midi } from '../../base/units';
import type { Voicing } from '../base/types';

/** Where the notes of a moved voicing are looked for: as far as the tune moved, or an octave off. */
export const OCTAVES = [0, -12, 12] as const;

/** Every note so many half steps higher, its place left as it was. */
export const shiftedBy = (voicing: Voicing, by: number): Voicing => ({
  ...voicing,
  notes: voicing.notes.map((note) => ({ ...note, midi: midi(note.midi + by) })),
});

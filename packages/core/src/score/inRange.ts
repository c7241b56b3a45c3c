import { READERS, type ReaderId } from './readers';
import type { ScorePart } from './types';

/** A written note that lies outside what an instrument is written for. */
export interface OutOfRange {
  /** Position of its measure, from 0. */
  readonly measure: number;
  /** As it is written, a MIDI number. */
  readonly midi: number;
  readonly way: 'too high' | 'too low';
}

const OCTAVE = 12;

/** Every note outside the range of a reader, ties counted once. */
export function outOfRange({ measures, writtenAbove }: ScorePart, reader: ReaderId): OutOfRange[] {
  const { low, high } = READERS[reader];
  return measures.flatMap(({ voices }, measure) =>
    voices
      .flatMap(({ moments }) => moments.flatMap(({ notes }) => notes))
      .filter(({ tiedFrom }) => !tiedFrom)
      .map(({ midi }) => midi + writtenAbove)
      .flatMap((midi): OutOfRange[] => {
        if (midi >= low && midi <= high) return [];
        return [{ measure, midi, way: midi > high ? 'too high' : 'too low' }];
      }),
  );
}

/** The part an octave or two away: what sounds moves, and so what is written. */
export const movedByOctaves = (part: ScorePart, octaves: number): ScorePart => ({
  ...part,
  measures: part.measures.map(({ voices }) => ({
    voices: voices.map((voice) => ({
      ...voice,
      moments: voice.moments.map((moment) => ({
        ...moment,
        notes: moment.notes.map((note) => ({
          ...note,
          midi: (note.midi + octaves * OCTAVE) as typeof note.midi,
        })),
      })),
    })),
  })),
});

/** The octaves that leave fewest notes outside, the nearest of several; 0 where none is better than none. */
export function octaveOffered(part: ScorePart, reader: ReaderId): number {
  const outside = (octaves: number): number =>
    outOfRange(movedByOctaves(part, octaves), reader).length;
  return [0, 1, -1, 2, -2].reduce((best, next) => (outside(next) < outside(best) ? next : best), 0);
}

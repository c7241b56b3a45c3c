import { fretPosition } from '../voicing/guitar/geometry';
import type { Instrument, Voicing } from '../voicing/types';

/** A candidate with what the terms ask of it again and again, worked out once. */
export interface Weighed {
  readonly voicing: Voicing;
  /** Bottom to top. */
  readonly pitches: readonly number[];
  /** Guitar: where the index finger stands, in mm from the nut; missing for open grips and on keys. */
  readonly positionMm?: number;
}

export function weigh(voicing: Voicing, instrument: Instrument): Weighed {
  const pitches = voicing.notes.map((note) => note.midi as number);
  const frets = voicing.notes.map((note) => note.fret ?? 0).filter((fret) => fret > 0);
  if (instrument.kind !== 'guitar' || !frets.length) return { voicing, pitches };
  const positionMm = fretPosition(instrument.scaleLengthMm, Math.min(...frets));
  return { voicing, pitches, positionMm };
}

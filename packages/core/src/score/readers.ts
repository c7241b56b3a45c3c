/**
 * Who reads a part. What sounds is what is written plus an interval. Columns: what it is called; half steps from what is
 * written to what sounds; its clef; lowest and highest written note, as MIDI numbers. Source of the intervals: the usual
 * transposing instruments; of the ranges: common practice, orchestration handbooks agree within a step.
 */
import type { Clef } from './types';

const row = (label: string, sounds: number, clef: Clef, low: number, high: number) => ({
  ...{ label, sounds, clef, low, high },
});

export const READERS = {
  concert: row('Concert pitch', 0, 'treble', 0, 127),
  'concert bass': row('Concert pitch, bass clef', 0, 'bass', 0, 127),
  trumpet: row('B♭ trumpet', -2, 'treble', 54, 84),
  clarinet: row('B♭ clarinet', -2, 'treble', 52, 91),
  'alto sax': row('E♭ alto saxophone', -9, 'treble', 58, 89),
  'tenor sax': row('B♭ tenor saxophone', -14, 'treble', 58, 89),
  'baritone sax': row('E♭ baritone saxophone', -21, 'treble', 58, 89),
  trombone: row('Trombone', 0, 'bass', 40, 70),
  flute: row('Flute', 0, 'treble', 60, 96),
  violin: row('Violin', 0, 'treble', 55, 105),
  guitar: row('Guitar', -12, 'treble', 52, 88),
  bass: row('Bass', -12, 'bass', 40, 67),
} as const;

export type ReaderId = keyof typeof READERS;
export const READER_IDS = Object.keys(READERS) as ReaderId[];

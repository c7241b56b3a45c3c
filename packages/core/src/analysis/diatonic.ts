import { spellFrom, type NoteName } from '../pitch/spelling';

interface ScaleDegree {
  readonly letters: number;
  readonly semitones: number;
  readonly seventh: string;
  readonly triad: string;
}

const degree = (
  letters: number,
  semitones: number,
  seventh: string,
  triad: string,
): ScaleDegree => ({
  letters,
  semitones,
  seventh,
  triad,
});

/**
 * The chords of a key, from I up. Minor is natural minor with the dominant seventh on V. Columns: letters
 * and semitones above the tonic, the seventh chord, the triad. Source: common practice.
 */
const SCALES: Readonly<Record<'major' | 'minor', readonly ScaleDegree[]>> = {
  major: [
    degree(0, 0, 'maj7', ''),
    degree(1, 2, 'm7', 'm'),
    degree(2, 4, 'm7', 'm'),
    degree(3, 5, 'maj7', ''),
    degree(4, 7, '7', ''),
    degree(5, 9, 'm7', 'm'),
    degree(6, 11, 'm7b5', 'dim'),
  ],
  minor: [
    degree(0, 0, 'm7', 'm'),
    degree(1, 2, 'm7b5', 'dim'),
    degree(2, 3, 'maj7', ''),
    degree(3, 5, 'm7', 'm'),
    degree(4, 7, '7', ''),
    degree(5, 8, 'maj7', ''),
    degree(6, 10, '7', ''),
  ],
};

/** A chord of a key. */
export interface DiatonicChord {
  readonly root: NoteName;
  /** Above the tonic. */
  readonly semitones: number;
  /** How the symbol of its seventh chord and of its triad goes on after the root. */
  readonly seventh: string;
  readonly triad: string;
}

/**
 * The seven chords of a key, from I up; minor is natural minor with the dominant seventh on V.
 * @param key `Eb` or `Cm`
 * @example diatonicChords('Eb').map(({ root, seventh }) => root + seventh)[1] // 'Fm7'
 */
export function diatonicChords(key: string): DiatonicChord[] {
  const minor = key.endsWith('m');
  const tonic = minor ? key.slice(0, -1) : key;
  return SCALES[minor ? 'minor' : 'major'].map(({ letters, semitones, seventh, triad }) => ({
    root: spellFrom(tonic, letters, semitones),
    semitones,
    seventh,
    triad,
  }));
}

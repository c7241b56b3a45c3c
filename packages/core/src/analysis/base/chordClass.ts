import type { Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';

/**
 * What a chord is to the analysis, whatever colours stand on it. A suspended seventh is a dominant;
 * a bare fifth or a suspended triad takes any part that its root can have.
 */
export type ChordClass =
  'major' | 'minor' | 'dominant' | 'half-diminished' | 'diminished' | 'augmented' | 'open';

/** Source: common practice of chord symbols. */
export function classOf({ tones }: PitchedChord): ChordClass {
  const has = (degree: Degree): boolean => tones.some((tone) => tone.degree === degree);
  if (has('bb7')) return 'diminished';
  if (has('b3')) {
    if (has('b5')) return has('b7') ? 'half-diminished' : has('7') ? 'minor' : 'diminished';
    return 'minor';
  }
  if (has('b7')) return 'dominant';
  if (!has('3')) return 'open';
  return has('#5') ? 'augmented' : 'major';
}

/** The suffix of a number: the chord's body in the shortest form a player says. */
export function suffixOf({ tones }: PitchedChord, kind: ChordClass): string {
  const has = (degree: Degree): boolean => tones.some((tone) => tone.degree === degree);
  switch (kind) {
    case 'diminished':
      return has('bb7') ? '°7' : '°';
    case 'half-diminished':
      return 'ø';
    case 'dominant':
      if (has('4')) return '7sus4';
      return has('#5') && !has('b5') ? '7#5' : '7';
    case 'augmented':
      return has('7') ? '+maj7' : '+';
    case 'minor':
      if (has('7')) return '(maj7)';
      return has('b7') ? '7' : has('6') ? '6' : '';
    case 'major':
      return has('7') ? 'maj7' : has('6') ? '6' : '';
    case 'open':
      if (has('4')) return 'sus4';
      return has('2') ? 'sus2' : '5';
  }
}

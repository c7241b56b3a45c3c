import { parseChord } from '../../chord/parseChord';
import type { PitchedChord } from '../../chord/types';
import { kindOf } from './harmony';

const chord = (symbol: string): PitchedChord => {
  const read = parseChord(symbol);
  if (!read.ok || read.value.kind !== 'chord') throw new Error(symbol);
  return read.value;
};
/** "dominant add 9 -1": a kind and what differs. */
const shown = (symbol: string): string => {
  const { kind, changes } = kindOf(chord(symbol));
  return [kind, ...changes.map((change) => change.join(' '))].join(', ');
};

/** What the kinds of MusicXML hold, in half steps above the root. Source: MusicXML 4.0, `kind-value`. */
const HELD: Readonly<Record<string, readonly number[]>> = {
  major: [0, 4, 7],
  minor: [0, 3, 7],
  augmented: [0, 4, 8],
  diminished: [0, 3, 6],
  'major-seventh': [0, 4, 7, 11],
  dominant: [0, 4, 7, 10],
  'minor-seventh': [0, 3, 7, 10],
  'half-diminished': [0, 3, 6, 10],
  'diminished-seventh': [0, 3, 6, 9],
  'augmented-seventh': [0, 4, 8, 10],
  'major-minor': [0, 3, 7, 11],
  'major-sixth': [0, 4, 7, 9],
  'minor-sixth': [0, 3, 7, 9],
  'suspended-second': [0, 2, 7],
  'suspended-fourth': [0, 5, 7],
  power: [0, 7],
};
/** Degrees of a major scale with a minor seventh, as MusicXML counts what is added. */
const MAJOR: Readonly<Record<number, number>> = {
  ...{ 1: 0, 2: 2, 3: 4, 4: 5, 5: 7, 6: 9, 7: 10, 9: 2, 11: 5, 13: 9 },
};

/** What a reader of the standard makes of a harmony. */
function readBack(symbol: string): number[] {
  const { kind, changes } = kindOf(chord(symbol));
  const pitches = new Set(HELD[kind]);
  for (const [type, value, alter] of changes) {
    const plain = MAJOR[value]!;
    if (type === 'add') pitches.add((plain + alter + 12) % 12);
    else {
      const own = [...pitches].find((pitch) => Math.abs(pitch - plain) <= 1 && pitch !== 0)!;
      pitches.delete(own);
      if (type === 'alter') pitches.add(own + alter);
    }
  }
  return [...pitches].sort((a, b) => a - b);
}

describe('a chord as a harmony of MusicXML 4.0', () => {
  it.each([
    ['C', 'major'],
    ['Dm7', 'minor-seventh'],
    ['G7(b9,#9)', 'dominant, add 9 -1, add 9 1'],
    ['G13', 'dominant, add 9 0, add 13 0'],
    ['F#m7b5', 'half-diminished'],
    ['Bb7sus4', 'suspended-fourth, add 7 0'],
    ['C7b5', 'dominant, alter 5 -1'],
    ['Cmaj7#5', 'major-seventh, alter 5 1'],
    ['C6/9', 'major-sixth, add 9 0'],
    ['Cm(maj7)', 'major-minor'],
    ['C7(no5)', 'dominant, subtract 5 0'],
  ])('%s is %s', (symbol, is) => {
    expect(shown(symbol)).toBe(is);
  });
  it('is read back as the very tones of the chord: every kind of symbol', () => {
    const symbols =
      'C Cm Cdim C+ C5 Csus2 Csus4 C6 Cm6 C6/9 Cm6/9 Cmaj7 C7 Cm7 CmMaj7 Cm7b5 Cdim7 C7#5 C7b5 Cmaj7#5 C7sus4 C9 Cm9 ' +
      'Cmaj9 C11 Cm11 C13 Cmaj13 Cm13 C9sus4 C13sus4 Cadd9 Cm(add9) Cadd11 C7b9 C7#9 C7#11 C7b13 C7(b9,b13) ' +
      'C7(#9,#11) Cmaj7#11 C7alt C7(no3) Cmaj7(no5) C13b9';
    for (const symbol of symbols.split(' ')) {
      const tones = new Set(chord(symbol).tones.map(({ degree }) => semitones(degree)));
      expect([symbol, readBack(symbol)]).toEqual([symbol, [...tones].sort((a, b) => a - b)]);
    }
  });
});

/** Half steps of a degree above the root, within an octave. */
function semitones(degree: string): number {
  const value = Number(degree.replace(/\D+/g, '')) || 1;
  const signs = [...degree.matchAll(/[b#]/g)].map(([sign]) => (sign === '#' ? 1 : -1));
  const natural = value === 7 ? 11 : MAJOR[value]!;
  return (natural + signs.reduce((sum: number, each) => sum + each, 0) + 12) % 12;
}

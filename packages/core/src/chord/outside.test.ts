import { chordParserFactory } from 'chord-symbol/lib/chord-symbol.js';
import { get as readQuality } from '@tonaljs/chord-type';
import { QUALITIES } from './data';
import { semitonesOf } from './degrees';
import { parseChord } from './parseChord';

/**
 * The vocabulary against two general-purpose reference libraries: chord-symbol 4.0.0 and
 * @tonaljs/chord-type 5.2.0. Where a reference is known to read otherwise, the symbol is listed with
 * the reason and must indeed differ: an entry that no longer does is taken out.
 */
const spellings = QUALITIES.flatMap(([names]) => names.split(' '));

const sorted = (values: readonly number[]): number[] =>
  [...new Set(values.map((value) => value % 12))].sort((a, b) => a - b);

const here = (symbol: string): number[] => {
  const result = parseChord(symbol);
  if (!result.ok) throw new Error(result.problem.message);
  return sorted(result.value.tones.map((tone) => semitonesOf(tone.degree)));
};

describe('semitones against chord-symbol', () => {
  const reads = chordParserFactory();
  const theirs = (symbol: string): number[] => sorted(reads(symbol)?.normalized?.semitones ?? []);

  const KEEPS_LESS = new Map([
    ['11', 'leaves the major third out of an eleventh'],
    ['7b13', 'leaves the natural fifth out under b13'],
    ['7(b9,b13)', 'leaves the natural fifth out under b13'],
    ['7b9b13', 'leaves the natural fifth out under b13'],
  ]);

  it.each(spellings.filter((name) => !KEEPS_LESS.has(name)))('C%s has the same', (name) => {
    expect(here(`C${name}`)).toEqual(theirs(`C${name}`));
  });

  it.each([...KEEPS_LESS])('C%s differs, because the reference %s', (name) => {
    const less = theirs(`C${name}`);
    expect(less).not.toEqual(here(`C${name}`));
    expect(here(`C${name}`)).toEqual(expect.arrayContaining(less));
  });
});

describe('semitones against @tonaljs/chord-type', () => {
  const theirs = (name: string): number[] =>
    Array.from(readQuality(name).chroma).flatMap((bit, index) => (bit === '1' ? [index] : []));
  const known = spellings.filter((name) => !readQuality(name).empty);

  const OTHERWISE = new Map([
    ['11', 'leaves the major third out of an eleventh'],
    ['7b13', 'leaves the natural fifth out under b13'],
    ['m13', 'leaves the eleventh out of a minor thirteenth'],
    ['7alt', 'reads alt with b9, #9 and b13 and no b5'],
  ]);

  it('knows most of the vocabulary', () => {
    expect(known.length).toBeGreaterThan(60);
  });

  it.each(known.filter((name) => name && !OTHERWISE.has(name)))('C%s has the same', (name) => {
    expect(here(`C${name}`)).toEqual(theirs(name));
  });

  it.each([...OTHERWISE])('C%s differs, because the reference %s', (name) => {
    expect(theirs(name)).not.toEqual(here(`C${name}`));
  });
});

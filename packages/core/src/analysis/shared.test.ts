import { parseChart } from '../chart/parseChart';
import { parseChord } from '../chord/parseChord';
import { pitchClassOf, type NoteName } from '../pitch/spelling';
import { PROGRESSIONS } from '../testing/progressions';
import { analyzeChart } from './analyzeChart';
import { sharedNotes, type ChordWithPool } from './shared';

const over = (symbol: string, pool: string): ChordWithPool => {
  const read = parseChord(symbol);
  if (!read.ok || read.value.kind !== 'chord') throw new Error(symbol);
  return { chord: read.value, pool: { notes: pool.split(' ') } };
};
const words = (notes: readonly { note: string; there: string }[]): string =>
  notes.map(({ note, there }) => (note === there ? note : `${note}=${there}`)).join(' ');

describe('notes that neighbours share', () => {
  it.each([
    // Cmaj7 to Dbmaj7: source: common practice. The rest follow by arithmetic.
    ['Cmaj7', 'C D E F# G A B', 'Dbmaj7', 'Db Eb F G Ab Bb C', 'C', 'C G'],
    ['Dm7', 'D E F G A B C', 'G7', 'G A B C D E F', 'D F', 'D E F G A B C'],
    ['E7', 'E F G# A B C D', 'Fm7', 'F G Ab Bb C D Eb', 'G#=Ab', 'F G#=Ab C D'],
    ['C6', 'C D E F G A B', 'F#maj7', 'F# G# A# B# C# D# E#', '', 'C=B# F=E#'],
  ])('%s (%s) and %s (%s) share %s and %s', (here, a, there, b, tones, pool) => {
    const shared = sharedNotes(over(here, a), over(there, b));
    expect(words(shared.tones)).toBe(tones);
    expect(words(shared.pool)).toBe(pool);
  });

  it('are told of every change of a chart, round to the top, and are in both (property)', () => {
    let told = 0;
    for (const [, key, text] of PROGRESSIONS) {
      const { chords } = analyzeChart(parseChart(`key: ${key}\n${text}`).chart);
      const last = chords.filter(({ numeral }) => numeral !== 'N.C.').at(-1);
      expect(last?.shared).toBeDefined();
      for (const chord of chords) {
        const { shared } = chord;
        if (!shared) continue;
        const next = chords[shared.next]!;
        const pitches = (notes: readonly NoteName[]): number[] => notes.map(pitchClassOf);
        const [here, there] = [chord, next].map(({ scales }) => pitches(scales[0]?.notes ?? []));
        const both = here!.filter((pitch) => there!.includes(pitch));
        if (here!.length && there!.length) {
          expect(pitches(shared.pool.map(({ note }) => note))).toEqual(both);
          expect(pitches(shared.pool.map((note) => note.there))).toEqual(both);
        }
        told += shared.pool.length;
      }
    }
    expect(told).toBeGreaterThan(500);
  });
});

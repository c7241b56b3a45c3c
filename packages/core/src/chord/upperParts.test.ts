import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { spellTones } from './tones';
import type { Degree } from './degrees';
import { upperParts } from './upperParts';

const QUALITIES: readonly (readonly [string, Degree[]])[] = [
  ['maj7', ['9', '#11', '13']],
  ['m7', ['9', '11']],
  ['7', ['b9', '#9', '#11', 'b13']],
  ['7', ['9', '#11', '13']],
  ['m7b5', ['9', '11', 'b13']],
  ['m6', ['9', '11']],
  ['6', ['9']],
  ['7sus4', ['9', '13']],
  ['dim7', ['9', '11', 'b13', '7']],
];

const partsOf = (symbol: string, tensions: readonly Degree[]): string[] =>
  upperParts(chord(symbol), spellTones(chord(symbol).root, tensions)).map(
    (part) => `${part.tones.map(({ degree }) => degree).join(' ')} are ${part.symbol}`,
  );

describe('the upper parts of a chord that have names of their own', () => {
  // By arithmetic from the degrees, and common practice: what a pianist puts over a bass note.
  it.each<[string, Degree[], string]>([
    ['C7', ['b9', 'b13'], '3 b7 b9 b13 are Bbm7b5'],
    ['C7', ['9', '#11', '13'], '9 #11 13 are D'],
    ['C7', ['b9', '#11'], 'b7 b9 #11 are F#'],
    ['C7', ['9', '13'], '5 b7 9 are Gm'],
    ['Cmaj7', ['9'], '3 5 7 9 are Em7'],
    ['G7', ['b9', 'b13'], '3 b7 b9 b13 are Fm7b5'],
    ['Dm7', ['9'], 'b3 5 b7 9 are Fmaj7'],
    ['F#7', ['b9'], '3 5 b7 b9 are A#dim7'],
  ])('%s with %j: %s', (symbol, tensions, told) => {
    expect(partsOf(symbol, tensions)).toContain(told);
  });

  it('are none where nothing is added', () => {
    expect(partsOf('C7', [])).toEqual([]);
    expect(partsOf('C9', ['9'])).toEqual([]);
  });

  it('sound just the notes of their names, on every root', () => {
    const roots = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'];
    let told = 0;
    for (const [quality, tensions] of QUALITIES) {
      for (const root of roots) {
        const written = chord(`${root}${quality}`);
        for (const part of upperParts(written, spellTones(written.root, tensions))) {
          const sounding = part.tones.map(({ note }) => pitchClassOf(note)).sort();
          const named = chord(part.symbol)
            .tones.map(({ note }) => pitchClassOf(note))
            .sort();
          expect([part.symbol, sounding]).toEqual([part.symbol, named]);
          told += 1;
        }
      }
    }
    expect(told).toBeGreaterThan(200);
  });
});

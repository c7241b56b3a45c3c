import { prettyNote } from './spelling';
import { readNoteName } from './readNoteName';

const LETTERS = ['C', 'D', 'E', 'F', 'G', 'A', 'B'];
const SIGNS = ['', 'b', 'bb', '#', '##'];
const NAMES = LETTERS.flatMap((letter) => SIGNS.map((sign) => letter + sign));

describe('a note that somebody names', () => {
  it('is the one that is written so, in letters and in syllables, with any accidental', () => {
    expect(NAMES).toHaveLength(35);
    for (const name of NAMES) {
      expect(readNoteName(name)).toBe(name);
      expect(readNoteName(name.toLowerCase())).toBe(name);
      expect(readNoteName(prettyNote(name))).toBe(name);
      expect(readNoteName(prettyNote(name, 'do ré mi'))).toBe(name);
    }
  });

  // Common practice: other words for the same notes.
  it.each([
    ['re', 'D'],
    ['RÉ', 'D'],
    ['ut#', 'C#'],
    ['ti', 'B'],
    ['H', 'B'],
    ['fis', 'F#'],
    ['Es', 'Eb'],
    ['as', 'Ab'],
    ['b', 'B'],
    ['fab', 'Fb'],
  ])('%s is %s', (word, name) => {
    expect(readNoteName(word)).toBe(name);
  });

  it.each(['', 'i', 'Cbbb', 'C#b', 'solo', 'C4', 'Dm'])('%j is none', (word) => {
    expect(readNoteName(word)).toBeUndefined();
  });
});

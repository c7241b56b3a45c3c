import { intervalBetween } from '../pitch/interval';
import { QUALITIES } from './data';
import { moveSymbol } from './moveSymbol';
import { parseChord } from './parseChord';

const UP = intervalBetween('C', 'Eb');

describe('a symbol moved by an interval', () => {
  it.each([
    ['C', 'Eb'],
    ['am7', 'Cm7'],
    ['B♭maj7', 'Dbmaj7'],
    ['F♯ø', 'Aø'],
    ['C7 (b9)', 'Eb7 (b9)'],
    ['(Dm7)', '(Fm7)'],
    ['D/F#', 'F/A'],
    ['C6/9', 'Eb6/9'],
    ['G7sus4/D', 'Bb7sus4/F'],
    ['Gb7', 'A7'],
  ])('%s a minor third up is %s', (symbol, moved) => {
    expect(moveSymbol(symbol, UP)).toBe(moved);
  });
  it('keeps its quality, over the whole vocabulary and every interval', () => {
    const tonics = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'];
    const degrees = (symbol: string): string => {
      const result = parseChord(symbol);
      return result.ok ? result.value.tones.map(({ degree }) => degree).join(' ') : 'unread';
    };
    for (const spelling of QUALITIES.flatMap(([spellings]) => spellings.split(' '))) {
      const symbol = `Bb${spelling}`;
      for (const tonic of tonics) {
        const moved = moveSymbol(symbol, intervalBetween('C', tonic));
        expect([moved, degrees(moved)]).toEqual([moved, degrees(symbol)]);
      }
    }
  });
});

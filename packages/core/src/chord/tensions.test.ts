import { chord } from '../testing/builders';
import { tensionsOf } from './tensions';
import { semitonesOf } from './degrees';

const tensions = (symbol: string): string => tensionsOf(chord(symbol)).join(' ');

describe('what may be added to a chord that stands alone (common practice)', () => {
  it.each([
    ['Cmaj7', '9 13'],
    ['C7', '9 13'],
    ['Cm7', '9 11'],
    ['Cm7b5', '9 11 b13'],
    ['C6', '9'],
    ['Cm6', '9 11'],
    ['C7sus4', '9 13'],
    ['Cdim7', '9 11 b13 7'],
    ['C', '9 6'],
    ['C7alt', ''],
  ])('%s: %s', (symbol, expected) => {
    expect(tensions(symbol)).toBe(expected);
  });
});

describe('a tension that the symbol contradicts is not offered', () => {
  it.each([
    ['C7b9', '9'],
    ['C7#9', '9'],
    ['C7#5', '13'],
  ])('%s has no %s', (symbol, contradicted) => {
    expect(tensions(symbol).split(' ')).not.toContain(contradicted);
  });

  it('nor one the chord has already, under whichever name', () => {
    for (const symbol of ['C9', 'C13', 'Cm11', 'C6/9', 'Cadd9', 'Cmaj13']) {
      const own = chord(symbol).tones.map(({ degree }) => semitonesOf(degree));
      for (const degree of tensionsOf(chord(symbol)))
        expect(own).not.toContain(semitonesOf(degree));
    }
  });
});

it('asks the context first, and still offers nothing the symbol contradicts', () => {
  const placed = { ...chord('G7b9'), tensions: ['9', 'b13', '13'] as const };
  expect(tensionsOf(placed)).toEqual(['b13', '13']);
  expect(tensionsOf({ ...chord('G7'), tensions: [] })).toEqual([]);
});

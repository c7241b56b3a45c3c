import { QUALITIES } from './data';
import { parseChord } from './parseChord';
import { SYMBOL_STYLES, styleSymbol } from './styleSymbol';

const { letters, signs } = SYMBOL_STYLES;
const tonesOf = (symbol: string): string | undefined => {
  const result = parseChord(symbol);
  return result.ok ? result.value.tones.map(({ degree }) => degree).join(' ') : undefined;
};

describe('symbols in the style a player likes', () => {
  it.each([
    ['Cmaj7', 'CΔ', 'Cmaj7'],
    ['CM9', 'CΔ9', 'Cmaj9'],
    ['C^7#11', 'CΔ#11', 'Cmaj7#11'],
    ['Cm7', 'C–7', 'Cm7'],
    ['C-', 'C–', 'Cm'],
    ['Bbmin9/Ab', 'Bb–9/Ab', 'Bbm9/Ab'],
    ['C-7(b5)', 'Cø', 'Cm7b5'],
    ['Cø7', 'Cø', 'Cm7b5'],
    ['Co7', 'C°7', 'Cdim7'],
    ['Cm(maj7)', 'C–(Δ)', 'Cm(maj7)'],
    ['Cmadd9', 'C–add9', 'Cmadd9'],
    ['G7alt', 'G7alt', 'G7alt'],
    ['C6/9', 'C6/9', 'C6/9'],
    ['C(no5)', 'C(no5)', 'C(no5)'],
    ['N.C.', 'N.C.', 'N.C.'],
  ])('%s is %s in signs and %s in letters', (symbol, inSigns, inLetters) => {
    expect(styleSymbol(symbol, signs)).toBe(inSigns);
    expect(styleSymbol(symbol, letters)).toBe(inLetters);
  });
  it('never changes what a chord is, over the whole vocabulary', () => {
    for (const symbol of QUALITIES.flatMap(([spellings]) => spellings.split(' '))) {
      for (const style of [letters, signs]) {
        const styled = styleSymbol(`Eb${symbol}`, style);
        expect([symbol, styled, tonesOf(styled)]).toEqual([symbol, styled, tonesOf(`Eb${symbol}`)]);
      }
    }
  });
});

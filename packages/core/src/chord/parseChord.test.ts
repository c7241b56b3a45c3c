import fc from 'fast-check';
import { QUALITIES } from './data';
import { parseChord } from './parseChord';
import type { PitchedChord } from './types';

const read = (symbol: string): PitchedChord => {
  const result = parseChord(symbol);
  if (!result.ok || result.value.kind !== 'chord') throw new Error(`${symbol} did not read`);
  return result.value;
};
const degrees = (symbol: string): string =>
  read(symbol)
    .tones.map((tone) => tone.degree)
    .join(' ');
const notes = (symbol: string): string =>
  read(symbol)
    .tones.map((tone) => tone.note)
    .join(' ');
const problem = (symbol: string) => {
  const result = parseChord(symbol);
  if (result.ok) throw new Error(`${symbol} read, and should not`);
  return result.problem;
};

describe('the vocabulary of chord symbols (common practice)', () => {
  const rows = QUALITIES.flatMap(([spellings, tones]) =>
    spellings.split(' ').map((spelling) => [`C${spelling}`, tones] as const),
  );
  it.each(rows)('%s holds %s', (symbol, tones) => {
    expect(degrees(symbol)).toBe(tones);
  });

  it.each([
    ['C7 (b9, #11)', 'R 3 5 b7 b9 #11'],
    ['C7(#11 b9)', 'R 3 5 b7 b9 #11'],
    ['Cm7(11)', 'R b3 5 b7 11'],
    ['C9b5', 'R 3 b5 b7 9'],
    ['C13(b9)', 'R 3 5 b7 b9 13'],
    ['C7+', 'R 3 #5 b7'],
    ['C7-5', 'R 3 b5 b7'],
    ['C7(-9)', 'R 3 5 b7 b9'],
    ['Cdim(maj7)', 'R b3 b5 7'],
    ['Cø9', 'R b3 b5 b7 9'],
    ['CMAJ7', 'R 3 5 7'],
    ['CMin7', 'R b3 5 b7'],
    ['CM', 'R 3 5'],
    ['cm7', 'R b3 5 b7'],
    ['Calt', 'R 3 b5 #5 b7 b9 #9'],
    ['C6(no5)', 'R 3 6'],
    ['Csus2(no5)', 'R 2'],
  ])('%s holds %s, in any order and with any brackets', (symbol, tones) => {
    expect(degrees(symbol)).toBe(tones);
  });

  it('reads unicode accidentals, superscripts and surrounding brackets', () => {
    expect(notes('B♭m⁷♭⁵')).toBe('Bb Db Fb Ab');
    expect(notes('(F♯m7)')).toBe('F# A C# E');
    expect(notes('[C△7]')).toBe('C E G B');
    expect(notes('  E–7 ')).toBe('E G B D');
    expect(notes('C⁶⁄₉')).toBe('C E G A D');
    expect(notes('G₇')).toBe('G B D F');
    expect(notes('DMIN7')).toBe('D F A C');
    expect(notes('CMAJ7')).toBe('C E G B');
    expect(notes('G7SUS')).toBe('G C D F');
  });

  it('reads a slash bass and leaves the chord as it is', () => {
    expect(read('Bm7/A').bass).toBe('A');
    expect(read('D/F#').bass).toBe('F#');
    expect(read('Bbmaj7/d').bass).toBe('D');
    expect(read('C6/9').bass).toBeUndefined();
    expect(read('C6/9/G').bass).toBe('G');
  });

  it.each(['N.C.', 'NC', 'n.c.', '(N.C.)'])('reads %s as no chord', (symbol) => {
    const result = parseChord(symbol);
    expect(result.ok && result.value).toMatchObject({ kind: 'no chord', tones: [] });
  });
});

describe('spelling from the root by degree (arithmetic)', () => {
  it.each([
    ['Ebm7', 'Eb Gb Bb Db'],
    ['F#maj7', 'F# A# C# E#'],
    ['Cdim7', 'C Eb Gb Bbb'],
    ['G7(b9,b13)', 'G B D F Ab Eb'],
    ['Gbm7b5', 'Gb Bbb Dbb Fb'],
    ['A7#9', 'A C# E G B#'],
    ['Bb13#11', 'Bb D F Ab C E G'],
    ['B7alt', 'B D# F F## A C C##'],
  ])('%s is %s', (symbol, spelled) => {
    expect(notes(symbol)).toBe(spelled);
  });
});

it('spells even the diminished seventh of a double flat (arithmetic; found by random symbols)', () => {
  expect(read('Cbbdim7').tones.at(-1)).toEqual({ degree: 'bb7', note: 'Bbbbb' });
});

describe('the tones that tell a chord (common practice)', () => {
  it.each([
    ['Cmaj7', '3 7'],
    ['Cm7', 'b3 b7'],
    ['C6', '3 6'],
    ['Cm6', 'b3 6'],
    ['C7sus4', '4 b7'],
    ['Cdim7', 'b3 b5 bb7'],
    ['C', '3 R'],
    ['Csus4', '4 R'],
    ['C5', 'R 5'],
  ])('the guide tones of %s are %s', (symbol, guides) => {
    expect(read(symbol).guideTones.join(' ')).toBe(guides);
  });

  it('counts written alterations and a fifth that is not perfect as essential', () => {
    expect(read('C7(b9,b13)').essential).toEqual(['3', 'b7', 'b9', 'b13']);
    expect(read('Cø').essential).toEqual(['b3', 'b7', 'b5']);
    expect(read('Cm7b5').essential).toEqual(['b3', 'b7', 'b5']);
    expect(read('C7alt').essential).toEqual(['3', 'b7']);
  });

  it('lets the root and the natural fifth go first', () => {
    expect(read('C7').optional).toEqual(['R', '5']);
    expect(read('C7b5').optional).toEqual(['R']);
    expect(read('C').optional).toEqual(['5']);
  });

  it('knows which natural extensions the symbol asks for by name', () => {
    expect(read('C13').colours).toEqual(['13']);
    expect(read('C6/9').colours).toEqual(['9']);
    expect(read('Cadd9').colours).toEqual(['9']);
    expect(read('C7').colours).toEqual([]);
  });
});

describe('a symbol that cannot be read', () => {
  it('says where the first bad character is and what was expected there', () => {
    expect(problem('Cmjaj7')).toMatchObject({ index: 2, suggestion: 'Cmaj7' });
    expect(problem('Cmjaj7').message).toContain('expected a number');
    expect(problem('C7sis4')).toMatchObject({ index: 2, suggestion: 'C7sus4' });
    expect(problem('Ebmin77/Bb')).toMatchObject({ index: 6, suggestion: 'Ebmin7/Bb' });
  });

  it('counts positions in the symbol as it was given, with its space and brackets', () => {
    expect(problem('  Cmjaj7').index).toBe(4);
    expect(problem('(Cmjaj7)').index).toBe(3);
  });

  it.each([
    ['Xm7', 0, 'A chord starts with a letter A to G; "X" is none.'],
    ['', 0, 'A chord starts with a letter A to G; there is nothing here.'],
    ['C7(b9', 2, 'This bracket is never closed: add ")".'],
    ['C7)', 2, 'This bracket closes nothing: leave it out.'],
    ['C/X', 2, 'After the slash comes one bass note, a letter A to G, as in D/F#.'],
    ['Cm7#9', 3, '"#9" cannot stand here: the minor third is already there, and #9 is its pitch.'],
    [
      'Cmsus4',
      2,
      '"sus4" cannot stand here: sus replaces the third, so no minor third can stand beside it.',
    ],
    ['♭', 0, 'A chord starts with a letter A to G; "♭" is none.'],
    ['C/♭', 2, 'After the slash comes one bass note, a letter A to G, as in D/F#.'],
    ['C7b7', 2, '"b7" cannot stand here: b7 is not one of b5 #5 b9 #9 #11 b13.'],
    ['C76', 2, '"6" cannot stand here: the chord already has a 7.'],
  ])('%s: problem at %i, "%s"', (symbol, index, message) => {
    expect(problem(symbol)).toMatchObject({ index, message });
  });

  // Common practice: how the same chords are written elsewhere.
  const OTHER_HANDS = [
    ['C7/9', 'C7(9)'],
    ['C7/13', 'C7(13)'],
    ['C9/13', 'C9(13)'],
    ['C7/9/13', 'C7(9,13)'],
    ['C7/b9', 'C7(b9)'],
    ['C7(b9/13)', 'C7(b9,13)'],
    ['C7.9', 'C7(9)'],
    ['Cm7/b5', 'Cm7(b5)'],
    ['C7(9b)', 'C7(b9)'],
    ['Cm7(5b)', 'Cm7(b5)'],
    ['C7(5-)', 'C7(b5)'],
    ['C5-', 'C(b5)'],
    ['C7M', 'Cmaj7'],
    ['Eb7M/G', 'Ebmaj7/G'],
    ['C7maj', 'Cmaj7'],
    ['Cj7', 'Cmaj7'],
    ['CJ9', 'Cmaj9'],
    ['Cmajor7', 'Cmaj7'],
    ['Cminor7', 'Cm7'],
    ['Cm/maj7', 'Cm(maj7)'],
    ['Cm/M7', 'Cm(maj7)'],
    ['Cm+7', 'Cm(maj7)'],
    ['C4', 'Csus4'],
    ['C2', 'Csus2'],
    ['C7/4', 'C7sus4'],
    ['Csus4/7', 'C7sus4'],
    ['C0', 'Cdim'],
    ['C07', 'Cdim7'],
    ['F#07', 'F#dim7'],
    ['Chdim', 'Cm7b5'],
    ['C half-dim', 'C m7b5'],
    ['Cdiminished7', 'Cdim7'],
    ['Sol7', 'G7'],
    ['Fa7', 'F7'],
    ['La-7', 'A-7'],
    ['Mibmaj7', 'Ebmaj7'],
    ['Réø', 'Dø'],
    ['Do-7', 'C-7'],
    ['C7altered', 'C7alt'],
    ['Cdom7', 'C7'],
    ['C\\E', 'C/E'],
  ] as const;
  it.each(OTHER_HANDS)('%s is taken for %s, as other hands mean it', (symbol, suggestion) => {
    expect(problem(symbol).suggestion).toBe(suggestion);
  });

  it('is taken for the same on every root, and the root stays', () => {
    const roots = Array.from('CDEFGAB').flatMap((letter) =>
      ['', 'b', '#'].map((sign) => letter + sign),
    );
    const habits = OTHER_HANDS.filter(([symbol]) => symbol.startsWith('C'));
    for (const root of roots) {
      for (const [symbol, suggestion] of habits) {
        const [written, meant] = [symbol, suggestion].map((each) => root + each.slice(1));
        expect([written, problem(written!).suggestion]).toEqual([written, meant]);
      }
    }
    expect(roots.length * habits.length).toBeGreaterThan(600);
  });

  it('makes no suggestion where nothing is close', () => {
    expect(problem('Cxyzzyplugh').suggestion).toBeUndefined();
  });

  it('suggests only what it can itself read (10,000 random symbols, seed 7)', () => {
    const piece = fc.constantFrom(...'ABCDEFGb#mM7913564()/+-suadlto°øΔ ,xj'.split(''));
    const symbols = fc.array(piece, { maxLength: 9 }).map((parts) => `C${parts.join('')}`);
    fc.assert(
      fc.property(symbols, (symbol) => {
        const result = parseChord(symbol);
        if (result.ok) {
          expect(result.value.symbol).toBe(symbol.trim());
          return;
        }
        expect(result.problem.index).toBeGreaterThanOrEqual(0);
        expect(result.problem.index).toBeLessThanOrEqual(symbol.length);
        const { suggestion } = result.problem;
        if (suggestion !== undefined) expect(parseChord(suggestion).ok).toBe(true);
      }),
      { numRuns: 10_000, seed: 7 },
    );
  });
});

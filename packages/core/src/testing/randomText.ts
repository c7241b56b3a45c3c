import fc from 'fast-check';
import { QUALITIES } from '../chord/data';

/** Symbols that may or may not read: roots, pieces of qualities and plain noise in any order. */
const PIECES = [
  ...new Set(QUALITIES.flatMap(([spellings]) => spellings.split(' '))),
  ...'# b ♭ ♯ / ( ) , - + ° ø Δ 2 4 5 6 7 9 11 13 69 sus add no3 alt maj m M x é 𝄫 [ ] ^ . %'.split(
    ' ',
  ),
  ' ',
];
const ROOTS = 'C D E F G A B c bb Eb F# H N.C.'.split(' ');

export const symbols: fc.Arbitrary<string> = fc
  .tuple(fc.constantFrom(...ROOTS, ''), fc.array(fc.constantFrom(...PIECES), { maxLength: 5 }))
  .map(([root, pieces]) => root + pieces.join(''));

const WORDS = [
  '|',
  '||',
  '|:',
  ':|',
  ':|:',
  '%',
  '.',
  '\n',
  '[A]',
  '[B]\n',
  '[Coda]',
  '(1',
  '(2',
  '3/4 ',
  '6/8 ',
  '99/9',
  '"Segno"',
  '"D.S. al Coda"',
  '"To Coda"',
  '"so',
  'key: F\n',
  'pickup: 1\n',
  'tempo: x\n',
  '(',
  ')',
  ':',
  '[',
];

/** Charts that may or may not read, with readable chords in most places. */
export const charts: fc.Arbitrary<string> = fc
  .array(
    fc.oneof(
      { weight: 3, arbitrary: fc.constantFrom(...WORDS) },
      {
        weight: 3,
        arbitrary: fc.constantFrom(
          ...'Dm7 G7 Cmaj7 Am7 F#m7b5 B7b9 Em7 A7 Bb7 Db7 C#dim7 Fm6 D/F# N.C. E7alt C+ Gsus4'.split(
            ' ',
          ),
        ),
      },
      { weight: 1, arbitrary: symbols },
    ),
    { maxLength: 40 },
  )
  .map((words) => words.join(' '));

import { defaultProfile } from '@drop-close/core';
import { notationOf, prettyName, prettyNumber } from './notation';

it.each([
  ['bVII7', '♭VII7'],
  ['subV7/bVI', 'subV7/♭VI'],
  ['#iv°7', '♯iv°7'],
  ['V7/ii', 'V7/ii'],
  ['b9', '♭9'],
])('the number %s is set as %s', (number, set) => {
  expect(prettyNumber(number)).toBe(set);
});

it.each([
  ['Eb major', 'E♭ major'],
  ['F# Mixolydian b9 b13', 'F♯ Mixolydian ♭9 ♭13'],
  ['Bb blues', 'B♭ blues'],
  ['C half-whole diminished', 'C half-whole diminished'],
  ['with b9 and 13 together', 'with ♭9 and 13 together'],
])('the name %s is set as %s', (name, set) => {
  expect(prettyName(name)).toBe(set);
});

it('writes notes and symbols as the player likes them', () => {
  const typed = notationOf(defaultProfile.writing);
  expect(typed.note('Bbb')).toBe('A');
  expect(typed.symbol('C-Δ')).toBe('C-Δ');
  const other = notationOf({
    ...defaultProfile.writing,
    symbols: 'signs',
    notes: 'do ré mi',
    plain: false,
  });
  expect(other.note('Bbb')).toBe('si♭♭');
  expect(other.symbol('Bm7b5')).toBe('Bø');
});

const syllables = notationOf({ ...defaultProfile.writing, notes: 'do ré mi' });

it.each([
  ['Bb major from F', 'si♭ major from fa'],
  ['F# Mixolydian b9 b13', 'fa♯ Mixolydian ♭9 ♭13'],
  ['F#m', 'fa♯m'],
  ['E pentatonic', 'mi pentatonic'],
])('a player who says do ré mi reads the name %s as %s', (name, read) => {
  expect(syllables.name(name)).toBe(read);
  expect(notationOf(defaultProfile.writing).name(name)).toBe(prettyName(name));
});

it.each([
  ['ii–V–I in F major (IV of F)', 'ii–V–I in fa major (IV of fa)'],
  ['shares three notes: Bb, D and F', 'shares three notes: si♭, ré and fa'],
  ['shares two notes: A and C', 'shares two notes: la and do'],
  ['A1 again, but for bar 4', 'A1 again, but for bar 4'],
  ['rhythm-type A section in Bb major', 'rhythm-type A section in si♭ major'],
  ['twelve-bar blues in B♭', 'twelve-bar blues in si♭'],
  ['32-bar AABA', '32-bar AABA'],
])('keys in the sentence %s are read as %s', (text, read) => {
  expect(syllables.sentence(text)).toBe(read);
});

it('a pitch has its octave behind its name, however the name is written', () => {
  expect(notationOf(defaultProfile.writing).pitch(58)).toBe('B♭3');
  expect([58, 67, 60].map(syllables.pitch)).toEqual(['si♭3', 'sol4', 'do4']);
});

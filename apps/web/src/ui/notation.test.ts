import {
  chorusOf,
  defaultProfile,
  offersAt,
  parseChart,
  rooms,
  sayTune,
  wholeChords,
  type Chorus,
} from '@drop-close/core';
import { demoTexts } from '../testing/demo';
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
  ['B again, but for bars 3 and 4: in A major', 'B again, but for bars 3 and 4: in la major'],
  ['ii–V into B', 'ii–V into B'],
  ['A phrase ends here', 'A phrase ends here'],
  ['its 7, E, over 4 chords', 'its 7, mi, over 4 chords'],
  ['Bb7 had not sounded, and there is room.', 'B♭7 had not sounded, and there is room.'],
  ['F#m7b5: nothing in the register holds it.', 'F♯m7♭5: nothing in the register holds it.'],
  ['A belongs to Am7, D7, F6/C.', 'la belongs to Am7, D7, F6/C.'],
  ['cycle of fifths, five chords from A to F', 'cycle of fifths, five chords from la to fa'],
  ['In thirds along F# Dorian', 'In thirds along fa♯ Dorian'],
])('keys in the sentence %s are read as %s', (text, read) => {
  expect(syllables.sentence(text)).toBe(read);
});

it('a pitch has its octave behind its name, however the name is written', () => {
  expect(notationOf(defaultProfile.writing).pitch(58)).toBe('B♭3');
  expect([58, 67, 60].map(syllables.pitch)).toEqual(['si♭3', 'sol4', 'do4']);
});

/** Every sentence the engine says of a tune. */
const saidOf = (chorus: Chorus): string[] => {
  const { analysis } = chorus;
  const { whole: form, sections } = sayTune(analysis);
  const chords = wholeChords(chorus);
  const { window } = rooms.alone;
  return [
    form,
    ...sections.map(({ words }) => words),
    ...[...analysis.landmarks, ...analysis.sounds].map(({ label }) => label),
    ...analysis.chords.flatMap(({ reason, otherwise }) => [
      reason,
      ...otherwise.map((other) => other.reason),
    ]),
    ...chorus.timeline.events.flatMap((_, at) =>
      offersAt(chords, at, { window, loop: true }).flatMap(({ label, why }) => [label, why]),
    ),
  ];
};

/** A letter that is joined to nothing that would make it a chord; the bass of a chord stands after a stroke. */
const BARE = /(?<![\w♭♯/])[A-G][b#♭♯]?(?![\w#♭♯Δ°ø(+–])/g;
const SECTION = /into [A-G]\b|\b[A-G] section/g;

it('a player who says do ré mi reads no letter in anything that is said of the demo tunes but chords and sections', () => {
  const said = demoTexts().flatMap((text) => saidOf(chorusOf(parseChart(text).chart)));
  const withNotes = [...new Set(said)].filter((text) => text.replace(SECTION, '').match(BARE));
  expect(withNotes.length).toBeGreaterThan(500);
  const left = withNotes.filter((text) =>
    syllables.sentence(text).replace(SECTION, '').match(BARE),
  );
  expect(left).toEqual([]);
});

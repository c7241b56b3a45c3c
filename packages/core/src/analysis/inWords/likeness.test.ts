import { likenessInWords } from './likeness';

it.each<[Parameters<typeof likenessInWords>[0], string | undefined]>([
  [{ sameAs: { name: 'A1', semitones: 0 } }, 'A1 again'],
  [{ sameAs: { name: 'A1', semitones: 1 } }, 'A1 up a half step'],
  [{ sameAs: { name: 'A1', semitones: -2 } }, 'A1 down a whole step'],
  [{ nearly: { name: 'A1', semitones: 0, exceptBars: [16] } }, 'A1 but for bar 16'],
  [
    { nearly: { name: 'A1', semitones: 5, exceptBars: [14, 15, 16] } },
    'A1 up a fourth but for bars 14, 15 and 16',
  ],
  [{}, undefined],
])('%j is said as "%s"', (like, words) => {
  expect(likenessInWords(like)).toBe(words);
});

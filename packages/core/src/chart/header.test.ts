import { parseKey } from './header';

// Common practice: how keys are written.
it.each([
  ['Eb', 'Eb'],
  ['e♭', 'Eb'],
  ['F# minor', 'F#m'],
  ['Dm', 'Dm'],
  ['C-', 'Cm'],
  ['G Major', 'G'],
  ['H', 'B'],
  ['Es', 'Eb'],
  ['As-Dur', 'Ab'],
  ['cis-Moll', 'C#m'],
  ['h moll', 'Bm'],
])('%s is the key of %s', (text, key) => {
  expect(parseKey(text)).toBe(key);
});

it.each(['', 'CM', 'X', 'Cmx', 'swing', 'Es Es'])('%j is no key', (text) => {
  expect(parseKey(text)).toBeUndefined();
});

import { englishNote } from './germanNames';

// Common practice: the names of notes in German.
it.each([
  ['H', 'B'],
  ['h', 'B'],
  ['His', 'B#'],
  ['Cis', 'C#'],
  ['Des', 'Db'],
  ['Dis', 'D#'],
  ['Es', 'Eb'],
  ['Fis', 'F#'],
  ['Ges', 'Gb'],
  ['gis', 'G#'],
  ['As', 'Ab'],
  ['Ais', 'A#'],
  ['Ces', 'Cb'],
  ['Bes', 'Bb'],
])('%s is %s', (german, english) => {
  expect(englishNote(german)).toBe(english);
});

it.each(['', 'B', 'C', 'Hs', 'Cs', 'is', 'Esus'])('%j is no German name, or the same', (name) => {
  expect(englishNote(name)).toBeUndefined();
});

import { keyOfNote } from './keys';

it.each([
  ['Eb', 63, 'eb/4'],
  ['Cb', 59, 'cb/4'],
  ['B#', 60, 'b#/3'],
  ['F##', 67, 'f##/4'],
  ['C', 48, 'c/3'],
])('%s at %i is written %s', (name, midi, key) => {
  expect(keyOfNote({ name, midi })).toBe(key);
});

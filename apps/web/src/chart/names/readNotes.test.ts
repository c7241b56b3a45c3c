import { readNotes } from './readNotes';

it.each([
  ['F Ab C Eb', [53, 56, 60, 63]],
  ['f, a♭, c', [53, 56, 60]],
  ['C E G C', [48, 52, 55, 60]],
  ['C3 E4 Bb4', [48, 64, 70]],
  ['Cb4 B#3', [59, 60]],
  ['', []],
])('%j is %j', (text, pitches) => {
  expect(readNotes(text)).toMatchObject({ ok: true, pitches });
});

it('says which word is no note, and what would be right', () => {
  expect(readNotes('F X C')).toEqual({
    ok: false,
    message: '"X" is no note: write letters or syllables, as F Ab C Eb or fa lab do mib.',
  });
  expect(readNotes('C8 C')).toMatchObject({ ok: true });
  expect(readNotes('B9')).toEqual({ ok: false, message: '"B9" lies outside any instrument.' });
});

import { midi, type Midi } from '../../base/units';
import { parseChord } from '../../chord/parseChord';
import type { PitchedChord } from '../../chord/types';
import { sameChord } from '../drills/questions';
import { recallPlayed } from './recallPlayed';

const chord = (symbol: string): PitchedChord => {
  const read = parseChord(symbol);
  if (!read.ok || read.value.kind !== 'chord') throw new Error(symbol);
  return read.value;
};
const notes = (text: string): Midi[] => text.split(' ').map((each) => midi(Number(each)));

describe('a chord of the chart recalled by playing', () => {
  it.each([
    ['its guide tones alone', 'Dm7', '53 60'],
    ['a shell with its root', 'G7', '43 53 59'],
    ['a rootless voicing with its ninth and thirteenth', 'G7', '53 57 59 64'],
    ['a triad', 'F', '53 57 60'],
    ['a slash chord with its bass', 'Bm7/A', '45 59 62 66'],
  ])('is the one asked for in %s', (_, symbol, played) => {
    expect(recallPlayed(chord(symbol), notes(played))).toBe(symbol);
  });
  it('is another one where its guide tones are missing or a note is foreign', () => {
    const played = recallPlayed(chord('Dm7'), notes('48 52 55 59'))!;
    expect(sameChord('Cmaj7', played)).toBe(true);
    expect(sameChord('Dm7', recallPlayed(chord('Dm7'), notes('50 54 57 60'))!)).toBe(false);
  });
  it('is nothing in one note, and in no chord', () => {
    expect(recallPlayed(chord('Dm7'), notes('53 65'))).toBeUndefined();
  });
});

import { pitchClass } from '../base/units';
import { pitchClassOf } from '../pitch/spelling';
import { scaleNotes } from '../chord/scales';
import { random } from '../testing/random';
import { scaleLine, type ScaleStretch } from './scaleLine';

const classes = (root: string, scale: Parameters<typeof scaleNotes>[1]) =>
  scaleNotes(root, scale).map(pitchClassOf);

it('runs up D Dorian and goes on into G altered by a step of that (by hand)', () => {
  const line = scaleLine(
    [
      { at: 0, length: 2, pitches: classes('D', 'Dorian') },
      { at: 2, length: 2, pitches: classes('G', 'altered') },
    ],
    { low: 62, high: 81 },
  );
  // D E F G, then Ab Bb B Db.
  expect(line.map(({ midi }) => midi)).toEqual([62, 64, 65, 67, 68, 70, 71, 73]);
  expect(line.map(({ at }) => at)).toEqual([0, 240, 480, 720, 960, 1200, 1440, 1680]);
});
it('turns at the top and rests where nothing is kept', () => {
  const line = scaleLine(
    [
      { at: 0, length: 3, pitches: classes('C', 'major pentatonic') },
      { at: 7, length: 1, pitches: classes('C', 'major pentatonic') },
    ],
    { low: 60, high: 67 },
  );
  expect(line.map(({ midi }) => midi)).toEqual([60, 62, 64, 67, 64, 62, 60, 62]);
  expect(line.at(-2)!.at).toBe(7 * 480);
});
it('keeps to the scale of each stretch, to its range and to steps of the scale (property, seed 31)', () => {
  const next = random(31);
  const roots = 'C Db D Eb E F F# G Ab A Bb B'.split(' ');
  const scales = ['Ionian', 'altered', 'blues', 'major pentatonic', 'whole tone'] as const;
  let at = 0;
  const stretches = Array.from({ length: 200 }, (): ScaleStretch => {
    const length = [1, 2, 4, 1.5][Math.floor(next() * 4)]!;
    const root = roots[Math.floor(next() * 12)]!;
    const scale = scales[Math.floor(next() * scales.length)]!;
    at += length;
    return { at: at - length, length, pitches: classes(root, scale) };
  });
  const range = { low: 58, high: 79 };
  const line = scaleLine(stretches, range);
  expect(line.length).toBeGreaterThan(500);
  line.forEach((note, position) => {
    const here = stretches.filter((each) => each.at * 480 <= note.at).at(-1)!;
    expect(here.pitches).toContain(pitchClass(note.midi));
    expect(note.midi).toBeGreaterThanOrEqual(range.low);
    expect(note.midi).toBeLessThanOrEqual(range.high);
    const before = line[position - 1];
    if (before) expect(Math.abs(note.midi - before.midi)).toBeLessThanOrEqual(4);
  });
});

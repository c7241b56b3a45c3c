import { leadSheet, parseChart, scaleSheet, type Midi } from '@drop-close/core';
import { headRoom, needsOf, widthsOf } from './widths';

const sheet = (text: string, key: string) => {
  const { chart } = parseChart(text);
  const tune = { title: 'T', chart, key, tempo: 120, feel: 'swing' } as const;
  return scaleSheet(tune, { kept: [], school: 'by function' });
};
const slashes = (text: string) =>
  leadSheet({ title: 'T', chart: parseChart(text).chart, key: 'C', tempo: 120, feel: 'swing' });
const place = { first: 0, count: 2, height: 100, top: 0, between: 0 };

/** What the only bar of a chart needs in a key. */
const need = (text: string, key: string, written = key) =>
  needsOf({ ...sheet(text, written), key }, String)[0]!;

it('signs need room where they are drawn: not in the key, and again where the letter comes back without it', () => {
  expect(need('| Dm7 |', 'C')).toEqual(need('| Fm7 |', 'Eb'));
  expect(need('| Fm7 |', 'C', 'Eb').notes).toBeGreaterThan(need('| Fm7 |', 'Eb').notes);
  expect(need('| Ebdim7 |', 'Db').notes).toBeGreaterThan(need('| Dm7 |', 'C').notes + 20);
});

it('signs of notes near each other stand beside one another, those of an octave over one another; so do heads of a second', () => {
  const chord = (...notes: readonly (readonly [string, number])[]) => {
    const score = sheet('| C |', 'C');
    const [bar] = score.parts[0]!.measures;
    const [moment] = bar!.voices[0]!.moments;
    const made = notes.map(([note, midi]) => ({ ...moment!.notes[0]!, note, midi: midi as Midi }));
    const voices = [{ staff: 0, moments: [{ ...moment!, notes: made }] }];
    return needsOf(
      { ...score, parts: [{ ...score.parts[0]!, measures: [{ voices }] }] },
      String,
    )[0]!.notes;
  };
  const plain = chord(['C', 60], ['G', 67]);
  const one = chord(['Db', 61], ['A', 69]);
  expect(one).toBeGreaterThan(plain);
  expect(chord(['Db', 61], ['Db', 73])).toBe(one);
  expect(chord(['Db', 61], ['Ab', 68]) - one).toBe(one - plain);
  expect(chord(['C', 60], ['D', 62])).toBeGreaterThan(plain);
});

it('a dot needs room after its head', () => {
  const score = sheet('| C |', 'C');
  const [bar] = score.parts[0]!.measures;
  const [moment] = bar!.voices[0]!.moments;
  const [plain, dotted] = ([0, 1] as const).map((dots) => {
    const voices = [{ staff: 0, moments: [{ ...moment!, value: { ...moment!.value, dots } }] }];
    const part = { ...score.parts[0]!, measures: [{ voices }] };
    return needsOf({ ...score, parts: [part] }, String)[0]!.notes;
  });
  expect(dotted!).toBeGreaterThan(plain!);
});

it('symbols need room as they are written, and where their notes have enough of it no more', () => {
  const score = slashes('| A A A A | Am(maj7) Am7 Am(maj7) Am7 |');
  const [short, long] = needsOf(score, String).map(({ all }) => all);
  expect(long! - short!).toBeGreaterThan(30);
  const triangles = needsOf(score, (symbol) => symbol.replace('(maj7)', 'Δ'));
  expect(triangles[1]!.all).toBeLessThan(long!);
  expect(need('| Dm7 |', 'C')).toEqual(need('| Dm7(no5) |', 'C'));
});

it('of a line a bar with long symbols takes what the others can spare', () => {
  const score = slashes('| C | Am(maj7) Am7 Abdim7 Gm7b5 | C |');
  const line = { ...place, count: 3, width: 640 };
  const [first, crowded, last] = widthsOf(score, line, String);
  expect(crowded!).toBeGreaterThanOrEqual(needsOf(score, String)[1]!.all);
  expect(last!).toBeLessThan(crowded!);
  expect(first! + crowded! + last!).toBeCloseTo(639, 6);
});

it('every bar has what it needs, and all of the line is used', () => {
  const score = sheet('| Ebdim7 | Dm7 |', 'Db');
  const [first, second] = widthsOf(score, { ...place, width: 600 }, String);
  const needs = needsOf(score, String);
  expect(first! - headRoom('Db')).toBeGreaterThanOrEqual(needs[0]!.all);
  expect(second!).toBeGreaterThanOrEqual(needs[1]!.all);
  expect(first! + second!).toBeCloseTo(599, 6);
});

it('bars of slashes are as wide as each other, but for the meter in the first', () => {
  const score = slashes('| Dm7 G7 | Cmaj7 |');
  const [first, second] = widthsOf(score, { ...place, width: 600 }, String);
  expect(first! - headRoom('C') - 26).toBeCloseTo(second!, 6);
});

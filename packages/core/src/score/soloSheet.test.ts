import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { midi, ticks } from '../base/units';
import { parseChart } from '../chart/parseChart';
import { readSoloFile } from '../formats/soloFile';
import { soloSheet } from './soloSheet';
import type { Score } from './types';

const tune = (text: string, key = 'C') => ({
  ...{ title: 'T', chart: parseChart(text).chart, key, tempo: 132, feel: 'swing' as const },
});
const note = (pitch: number, at: number, length = 240) => ({
  ...{ midi: midi(pitch), at: ticks(at), length: ticks(length), velocity: 80 },
});
/** "1 240 D R": bar, place, note and degree of everything that is struck. */
const shown = ({ measures, parts }: Score): string[] =>
  parts[0]!.measures.flatMap(({ voices }, at) =>
    voices[0]!.moments.flatMap(({ at: place, notes }) =>
      notes
        .filter(({ tiedFrom }) => !tiedFrom)
        .map((each) => `${measures[at]!.number} ${place} ${each.note} ${each.degree ?? '-'}`),
    ),
  );

it('a line is written with its degrees, spelled as its chords are', () => {
  const notes = [note(65, 0), note(68, 1920), note(63, 2160), note(64, 3840)];
  const line = { written: true, notes };
  const sheet = soloSheet(tune('| Dm7 | G7b9 | Cmaj7 |'), { name: 'Tenor', line });
  expect(shown(sheet)).toEqual(['1 0 F b3', '2 0 Ab b9', '2 240 Eb b13', '3 0 E 3']);
});

it('swing that was played is written straight', () => {
  const swung = [note(62, 0, 300), note(65, 320, 160), note(69, 480, 300), note(72, 800, 160)];
  const sheet = soloSheet(tune('| Dm7 |'), { name: 'T', line: { written: false, notes: swung } });
  expect(shown(sheet).map((each) => each.split(' ')[1])).toEqual(['0', '240', '480', '720']);
  expect(sheet.parts[0]!.measures[0]!.voices[0]!.moments.some(({ value }) => value.triplet)).toBe(
    false,
  );
});

it('a line over two choruses has the bars of two choruses', () => {
  const line = { written: true, notes: [note(62, 0), note(59, 1920 * 3)] };
  const sheet = soloSheet(tune('| Dm7 | G7 |'), { name: 'T', line });
  expect(sheet.measures.map(({ number }) => number)).toEqual([1, 2, 3, 4]);
  expect(shown(sheet)).toEqual(['1 0 D R', '4 0 B 3']);
});

it('for a tenor notes move with their chords, and degrees stay', () => {
  const line = { written: true, notes: [note(65, 0)] };
  const concert = soloSheet(tune('| Dm7 |'), { name: 'T', line });
  const tenor = soloSheet(tune('| Dm7 |'), { name: 'T', line }, 'tenor sax');
  expect(shown(concert)).toEqual(['1 0 F b3']);
  expect(shown(tenor)).toEqual(['1 0 G b3']);
  expect(tenor.measures[0]!.chords[0]!.chord.symbol).toBe('Em7');
});

it('every demo solo is written whole: as many notes as it has, nearly all of them on a chord', () => {
  const folder = resolve(__dirname, '../../../../demo');
  const files = readdirSync(`${folder}/solos`);
  expect(files.length).toBe(6);
  for (const file of files) {
    const name = file.replace(/-[ab]\..*$/, '.txt');
    const text = readFileSync(`${folder}/${name}`, 'utf8');
    const read = readSoloFile(new Uint8Array(readFileSync(`${folder}/solos/${file}`)));
    if (!read.ok) throw new Error(read.problem);
    const { line } = read.value;
    const sheet = soloSheet(tune(text, parseChart(text).chart.header.key), { name, line });
    const struck = shown(sheet);
    expect(struck).toHaveLength(line.notes.length);
    expect(struck.filter((each) => each.endsWith('-')).length).toBeLessThan(struck.length / 20);
  }
});

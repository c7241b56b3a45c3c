import { midi, ticks } from '../base/units';
import { parseChart } from '../chart/parseChart';
import { lineSheet } from './documents';
import { heardLine } from './heardLine';

const note = (pitch: number, at: number, length: number) => ({
  ...{ midi: midi(pitch), note: 'D', at: ticks(at), length: ticks(length) },
});
const sheet = (text: string, line: readonly ReturnType<typeof note>[]) =>
  lineSheet(
    { title: 'T', chart: parseChart(text).chart, key: 'C', tempo: 120, feel: 'swing' },
    'Line',
    line,
    'tenor sax',
  );

it('a line on paper is heard as it was: ties once, where it sounds and not where it is written', () => {
  const line = [note(62, 0, 480), note(65, 480, 2880), note(60, 3840, 720)];
  const heard = heardLine(sheet('| Dm7 | G7 | Cmaj7 |', line));
  expect(heard.notes.map(({ midi: pitch, at, length }) => [pitch, at, length])).toEqual([
    [62, 0, 480],
    [65, 480, 2880],
    [60, 3840, 720],
  ]);
});

it('a pickup begins before bar 1', () => {
  const heard = heardLine(
    sheet('pickup: 1\n| G7 | Cmaj7 |', [note(62, -480, 480), note(64, 0, 960)]),
  );
  expect(heard.notes.map(({ at }) => at)).toEqual([-480, 0]);
});

import { midi, ticks } from '../base/units';
import { parseChart } from '../chart/parseChart';
import { LAYER_RANGES, LINE_LAYERS, layerLine } from '../practice/layers/layer';
import { timeline } from '../chart/timeline';
import { demoTexts } from '../testing/demo';
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

it('every layer of every demo tune is heard from paper as it was made, whoever reads it', () => {
  let notes = 0;
  for (const text of demoTexts()) {
    const { chart } = parseChart(text);
    const time = timeline(chart);
    for (const layer of LINE_LAYERS) {
      const range = LAYER_RANGES.guitar[layer];
      const line = layerLine(layer, time, { range, pace: 'eighths' });
      for (const reader of ['concert', 'alto sax', 'trombone'] as const) {
        const score = lineSheet(
          { title: 'T', chart, key: 'C', feel: 'swing', tempo: 120 },
          layer,
          line,
          reader,
        );
        const heard = heardLine(score).notes.map(({ midi: pitch, at, length }) => [
          pitch,
          at,
          length,
        ]);
        expect(heard).toEqual(line.map(({ midi: pitch, at, length }) => [pitch, at, length]));
        notes += heard.length;
      }
    }
  }
  expect(notes).toBeGreaterThan(5000);
});

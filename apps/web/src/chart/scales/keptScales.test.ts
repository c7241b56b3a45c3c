import { analyzeChart, parseChart, timeline, type KeptScale } from '@drop-close/core';
import { firstOfSchool, lineOver, scaleRows } from './keptScales';

const { chart } = parseChart('key: C\n[A]\n| Dm7 | G7 |\n[B]\n| Cmaj7 | N.C. |');
const { events } = timeline(chart);
const analysis = analyzeChart(chart);

it('keeps the first scale of a school for every chord of some bars that it speaks of', () => {
  const all = { fromBar: 0, toBar: 9 };
  const kept = firstOfSchool(events, analysis, 'by function', all);
  expect(kept.map(({ at, open }) => [at, open])).toEqual([
    [0, { scale: 'Dorian', on: 0 }],
    [1, { scale: 'Mixolydian', on: 0 }],
    [2, { scale: 'Ionian', on: 0 }],
  ]);
  // Parent minor says nothing of a major chord.
  expect(firstOfSchool(events, analysis, 'parent minor', all).map(({ at }) => at)).toEqual([0, 1]);
  const [, , section] = [undefined, ...analysis.sections];
  expect(firstOfSchool(events, analysis, 'by function', section!).map(({ at }) => at)).toEqual([2]);
});

const kept: KeptScale[] = [
  { at: 0, symbol: 'Dm7', scale: 'Dorian', on: 0 },
  { at: 1, symbol: 'Gm7', scale: 'Dorian', on: 0 },
];

it('shows a row for each chord, without what is kept for another chord than stands there now', () => {
  const rows = scaleRows(events, kept, events);
  expect(rows.map(({ chord, scale }) => [chord.symbol, scale?.name])).toEqual([
    ['Dm7', 'D Dorian'],
    ['G7', undefined],
    ['Cmaj7', undefined],
  ]);
});

it('plays them at concert pitch, whatever the part is written for', () => {
  const concert = lineOver(scaleRows(events, kept, events), 0)!;
  expect(concert.notes.slice(0, 3).map(({ midi }) => midi)).toEqual([57, 59, 60]);
  const tenor = parseChart('key: D\n| Em7 | A7 | Dmaj7 | N.C. |');
  const shown = timeline(tenor.chart).events;
  const written = lineOver(scaleRows(shown, kept, events), 2)!;
  expect(written.notes.map(({ midi }) => midi)).toEqual(concert.notes.map(({ midi }) => midi));
  expect(lineOver(scaleRows(events, [], events), 0)).toBeUndefined();
});

import { analyzeChart, heldLines, parseChart, timeline } from '@drop-close/core';
import { chordsIn, lineOf, notesOf } from './heldRun';

const { chart } = parseChart('key: C\n| Dm7 G7 | Cmaj7 | N.C. | Fm6 |');
const { events } = timeline(chart);
const analysis = analyzeChart(chart);

it('takes the chords that sound in some bars, with their notes or those of their first scales', () => {
  const chords = chordsIn(analysis, events, { fromBar: 1, toBar: 3 });
  expect(chords.map(({ symbol }) => symbol)).toEqual(['Dm7', 'G7', 'Cmaj7']);
  expect(notesOf(chords[1]!, 'Of the chords')).toEqual(['G', 'B', 'D', 'F']);
  expect(notesOf(chords[1]!, 'Of their scales')).toEqual(['G', 'A', 'B', 'C', 'D', 'E', 'F']);
});

it('holds each note from its first chord to the end of its last, at concert pitch', () => {
  const chords = chordsIn(analysis, events, { fromBar: 1, toBar: 2 });
  const lines = heldLines(
    chords.map((chord) => notesOf(chord, 'Of the chords')),
    2,
  );
  // F over Dm7 and G7, E over Cmaj7; C over Dm7, B over the rest.
  const { notes } = lineOf(lines, chords, 0);
  expect(notes.map(({ midi, at, length }) => [midi, at, length])).toEqual([
    [65, 0, 1920],
    [64, 1920, 1920],
    [60, 0, 960],
    [59, 960, 2880],
  ]);
});

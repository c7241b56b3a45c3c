import { deleteBar, insertBar, joinSection, markBar, moveBar, nameSection, writeBar } from './edit';
import { formatChart } from './formatChart';
import { parseChart } from './parseChart';
import type { Chart } from './types';

const edited = (text: string, edit: (chart: Chart) => Chart): string =>
  formatChart(edit(parseChart(text).chart));
const FIVE = '[A]\n| C | D | E | F |\n| G |\n[B]\n| A | B |';

describe('edits of the laid-out chart', () => {
  it('writes a bar anew, readable or not, and leaves the others as typed', () => {
    expect(edited('| Dm7 | c7 (b9) |', (chart) => writeBar(chart, 0, ['Em7', 'A7']))).toBe(
      '| Em7 A7 | c7 (b9) |',
    );
    expect(edited('| C | D |', (chart) => writeBar(chart, 1, ['x9']))).toBe('| C | x9 |');
  });
  it('holds the chord before where a bar is emptied', () => {
    expect(edited('| C | D |', (chart) => writeBar(chart, 1, ['', ' ']))).toBe('| C | . |');
  });
  it('inserts a bar and lays its section out in lines of four', () => {
    expect(edited(FIVE, (chart) => insertBar(chart, 1, ['Dm7', 'G7']))).toBe(
      '[A]\n| C | Dm7 G7 | D | E |\n| F | G |\n[B]\n| A | B |',
    );
  });
  it('adds a bar at the end, and a first one to an empty chart', () => {
    expect(edited('[A]\n| C |', (chart) => insertBar(chart, 9, ['F']))).toBe('[A]\n| C | F |');
    expect(edited('', (chart) => insertBar(chart, 0, ['F']))).toBe('| F |');
  });
  it('deletes a bar; a section goes with its last', () => {
    expect(edited(FIVE, (chart) => deleteBar(chart, 0))).toBe(
      '[A]\n| D | E | F | G |\n[B]\n| A | B |',
    );
    expect(edited('[A]\n| C |\n[B]\n| D |', (chart) => deleteBar(chart, 0))).toBe('[B]\n| D |');
  });
  it('moves a bar within its section and into another', () => {
    expect(edited('| C | D | E |', (chart) => moveBar(chart, 0, 2))).toBe('| D | E | C |');
    expect(edited(FIVE, (chart) => moveBar(chart, 6, 0))).toBe(
      '[A]\n| B | C | D | E |\n| F | G |\n[B]\n| A |',
    );
  });
  it('sets and takes away repeats, endings, meters and words', () => {
    const marked = edited('| C | D |', (chart) =>
      markBar(markBar(chart, 0, { repeatStart: true, words: ['easy'] }), 1, {
        repeatEnd: true,
        ending: 1,
        meter: { beats: 3, unit: 4 },
      }),
    );
    expect(marked).toBe('|: "easy" C |(1 3/4 D :|');
    expect(
      edited(marked, (chart) => markBar(chart, 0, { repeatStart: false, words: undefined })),
    ).toBe('| C |(1 3/4 D :|');
  });
  it('labels a section where it begins, renames it, and joins it to the one before', () => {
    const labelled = edited('| C | D | E | F |', (chart) => nameSection(chart, 2, 'B'));
    expect(labelled).toBe('| C | D |\n[B]\n| E | F |');
    expect(edited(labelled, (chart) => nameSection(chart, 2, 'Bridge'))).toBe(
      '| C | D |\n[Bridge]\n| E | F |',
    );
    expect(edited(labelled, (chart) => joinSection(chart, 2))).toBe('| C | D | E | F |');
    expect(edited('[A]\n| C |', (chart) => joinSection(chart, 0))).toBe('| C |');
  });
  it('leaves the chart alone at a place that is not there', () => {
    const { chart } = parseChart('| C |');
    expect(deleteBar(chart, 4)).toBe(chart);
    expect(writeBar(chart, -1, ['D'])).toBe(chart);
    expect(moveBar(chart, 3, 0)).toBe(chart);
  });
});

import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { playedFrame, writtenFrame } from './frames';

const CHART = `title: Repeated
pickup: 1
| G7 |
[A] |: C6 Am7 | % | "let it ring" Dm7 |(1 G7 :|(2 C6 |
[B] "Segno" Fm6 | meter: 3/4 | C6 | "D.S." G7 |`;

const { chart } = parseChart(CHART.replace('| meter: 3/4 |', '|'));

describe('a chart as it is written', () => {
  const frame = writtenFrame(chart);
  it('has every bar once, a pickup as bar 0, with chords at their beats', () => {
    expect(frame.map(({ number }) => number)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
    const chords = frame.map(({ chords: own }) =>
      own.map(({ at, chord }) => `${chord.symbol}@${at / 480}`).join(' '),
    );
    expect(chords.slice(0, 4)).toEqual(['G7@0', 'C6@0 Am7@2', 'C6@0 Am7@2', 'Dm7@0']);
  });
  it('has its repeats, endings, sections, remarks and signs', () => {
    const of = (at: number) => frame[at]!;
    expect(of(1)).toMatchObject({ section: 'A', repeatStart: true });
    expect(of(3).words).toEqual(['let it ring']);
    expect(of(4)).toMatchObject({
      repeatEnd: true,
      ending: { number: 1, begins: true, ends: true },
    });
    expect(of(5)).toMatchObject({ ending: { number: 2, begins: true, ends: true } });
    expect(of(6)).toMatchObject({ section: 'B', directions: [{ kind: 'segno' }] });
    expect(of(6).ending).toBeUndefined();
    expect(of(8).directions).toEqual([{ kind: 'jump', from: 'segno', until: 'end' }]);
  });
  it('takes a section named Coda for the coda', () => {
    const coda = writtenFrame(
      parseChart('| "To Coda" C6 | "D.C. al Coda" G7 |\n[Coda] | F6 |').chart,
    );
    expect(coda.map(({ directions }) => directions.map(({ kind }) => kind).join())).toEqual([
      'to coda',
      'jump',
      'coda',
    ]);
  });
  it('follows itself without a gap', () => {
    frame.slice(1).forEach(({ at }, position) => {
      const before = frame[position]!;
      expect(at).toBe(before.at + before.length);
    });
  });
});

it('a chart as it is played has every bar as often as it sounds, and begins with its pickup', () => {
  const time = timeline(chart);
  const frame = playedFrame(time);
  expect(frame).toHaveLength(time.bars.length);
  expect(frame[0]).toMatchObject({ number: 0, at: 0, length: 480 });
  expect(frame[1]).toMatchObject({ number: 1, at: 480 });
  expect(frame.every(({ repeatStart, repeatEnd }) => !repeatStart && !repeatEnd)).toBe(true);
  const symbols = frame.flatMap(({ chords }) => chords.map(({ chord }) => chord.symbol));
  expect(symbols).toEqual(time.events.map(({ chord }) => chord.symbol));
});

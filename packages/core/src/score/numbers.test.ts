import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { analyzeChart } from '../analysis/analyzeChart';
import { demoTexts } from '../testing/demo';
import { leadSheet, lineSheet, type SheetTune } from './documents';
import { withNumbers } from './numbers';
import type { Score } from './types';

const tune = (text: string, key: string): SheetTune => {
  const { chart } = parseChart(text);
  const inKey = { ...chart, header: { key, ...chart.header } };
  return { title: 'T', chart: inKey, key, tempo: 120, feel: 'swing' };
};
const numbers = ({ measures }: Score): string =>
  measures.map(({ chords }) => chords.map(({ number }) => number ?? '-').join(' ')).join(' | ');

it('every chord of a lead sheet has its number, a bar that repeats the one before too', () => {
  const own = tune('| Dm7 G7 | Cmaj7 | % | A7 |', 'C');
  expect(numbers(withNumbers(leadSheet(own), own.chart, 'written'))).toBe(
    'ii7 V7 | Imaj7 | Imaj7 | V7/ii',
  );
});

it('numbers are the same for every reader', () => {
  const own = tune('| Cm7 F7 | Bb6 |', 'Bb');
  const tenor = leadSheet(own, 'tenor sax');
  expect(numbers(withNumbers(tenor, own.chart, 'written'))).toBe('ii7 V7 | I6');
});

/** Symbols and numbers of a score's chords, bar after bar. */
const told = ({ measures }: Score): string[] =>
  measures.flatMap(({ chords }) =>
    chords.map(({ number, chord }) => `${chord.symbol} ${number ?? ''}`),
  );

it('every chord of every demo tune has the number of the analysis, written once, played, and played three times', () => {
  let counted = 0;
  for (const text of demoTexts()) {
    const { chart } = parseChart(text);
    const key = chart.header.key ?? 'C';
    const own = { ...chart, header: { ...chart.header, key } };
    const of = { title: 'T', key, tempo: 120, feel: 'swing', chart: own } as const;
    const { events, bars } = timeline(own);
    const { chords } = analyzeChart(own);
    const all = events.map(({ chord }, at) => `${chord.symbol} ${chords[at]!.numeral}`);
    const firstTime = bars.flatMap(({ written, number }) => {
      const isFirst = bars.find((bar) => bar.written === written)?.number === number;
      return isFirst ? [{ written, number }] : [];
    });
    const once = firstTime
      .sort((a, b) => a.written - b.written)
      .flatMap(({ number }) => all.filter((_, at) => events[at]!.bar === number));
    expect(told(withNumbers(leadSheet(of), own, 'written'))).toEqual(once);
    for (const times of [1, 3]) {
      const played = withNumbers(lineSheet(of, 'Line', [], 'concert', times), own, 'played');
      // A pickup is played once.
      const again = all.filter((_, at) => events[at]!.bar > 0);
      const whole = [...all, ...Array.from({ length: times - 1 }, () => again).flat()];
      expect(told(played)).toEqual(whole);
      counted += whole.length;
    }
  }
  expect(counted).toBeGreaterThan(1500);
});

/** Numbers of the analysis under the chords of a score: `ii V I`. */
import { analyzeChart } from '../analysis/analyzeChart';
import { timeline } from '../chart/timeline';
import type { Chart } from '../chart/types';
import type { Score, ScoreMeasure } from './types';

/** Whether a score has the bars of its chart as they are written, or as they are played, several times perhaps. */
export type Frame = 'written' | 'played';

/**
 * The same score with the number of every chord; a bar that is written once and played twice has those of the first time.
 * @param chart in its key
 */
export function withNumbers(score: Score, chart: Chart, frame: Frame): Score {
  const { bars, events } = timeline(chart);
  const analysis = analyzeChart(chart).chords;
  const numbersOf = new Map<number, string[]>();
  const firstTime = new Map<number, number>();
  events.forEach(({ bar, written }, at) => {
    const own = frame === 'played' ? bar : written;
    if (!firstTime.has(own)) firstTime.set(own, bar);
    if (firstTime.get(own) !== bar) return;
    numbersOf.set(own, [...(numbersOf.get(own) ?? []), analysis[at]?.numeral ?? '']);
  });
  const counted = Math.max(1, bars.filter(({ number }) => number > 0).length);
  const barOf = ({ number }: ScoreMeasure, position: number): number => {
    if (frame === 'written') return position;
    return number === 0 ? 0 : ((number - 1) % counted) + 1;
  };
  const measures = score.measures.map((measure, position) => {
    const numbers = numbersOf.get(barOf(measure, position)) ?? [];
    const chords = measure.chords.map((chord, at) => {
      const number = numbers[at];
      return number ? { ...chord, number } : chord;
    });
    return { ...measure, chords };
  });
  return { ...score, measures };
}

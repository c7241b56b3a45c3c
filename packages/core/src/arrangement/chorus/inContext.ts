import { analyzeChart } from '../../analysis/analyzeChart';
import type { ChartAnalysis } from '../../analysis/base/types';
import { timeline, type ChartEvent, type Timeline } from '../../chart/timeline';
import type { Chart } from '../../chart/types';
import type { Chord } from '../../chord/types';

/**
 * The chords of a chorus as played, each with the tensions that its place in the changes allows and the
 * flat ninth that may lead there: what `connect` asks for.
 */
export const chordsInContext = (chart: Chart, { events }: Timeline = timeline(chart)): Chord[] =>
  placeInContext(events, analyzeChart(chart));

export function placeInContext(events: readonly ChartEvent[], { chords }: ChartAnalysis): Chord[] {
  return events.map(({ chord }, at) => {
    if (chord.kind === 'no chord') return chord;
    const { tensions = [], thirdGuide } = chords[at] ?? {};
    const placed = { ...chord, tensions: tensions.map(({ degree }) => degree) };
    return thirdGuide ? { ...placed, thirdGuide: thirdGuide.degree } : placed;
  });
}

import { analyzeChart } from '../analysis/analyzeChart';
import { timeline, type Timeline } from '../chart/timeline';
import type { Chart } from '../chart/types';
import type { Chord } from '../chord/types';

/**
 * The chords of a chorus as played, each with the tensions that its place in the changes allows and the
 * flat ninth that may lead there: what `connect` asks for.
 */
export function chordsInContext(chart: Chart, { events }: Timeline = timeline(chart)): Chord[] {
  const { chords } = analyzeChart(chart);
  return events.map(({ chord }, at) => {
    if (chord.kind === 'no chord') return chord;
    const { tensions = [], thirdGuide } = chords[at] ?? {};
    const placed = { ...chord, tensions: tensions.map(({ degree }) => degree) };
    return thirdGuide ? { ...placed, thirdGuide: thirdGuide.degree } : placed;
  });
}

import { analyzeChart } from '../../analysis/analyzeChart';
import type { ChartAnalysis, Pool } from '../../analysis/base/types';
import { timeline, type ChartEvent, type Timeline } from '../../chart/timeline';
import type { Chart } from '../../chart/types';
import type { Degree } from '../../chord/degrees';
import { plainDegree } from '../../chord/scaleDegrees';
import type { Chord, PitchedChord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';

/**
 * The chords of a chorus as played, each with the tensions that its place in the changes allows and the
 * flat ninth that may lead there: what `connect` asks for.
 */
export const chordsInContext = (chart: Chart, { events }: Timeline = timeline(chart)): Chord[] =>
  placeInContext(events, analyzeChart(chart));

/** Fewer notes are a pool to improvise from, no scale to build on. */
const NOTES_OF_A_SCALE = 6;

/** The first whole scale of a chord's place, from its root up. */
function scaleAround(chord: PitchedChord, pools: readonly Pool[]): Degree[] | undefined {
  const root = pitchClassOf(chord.root);
  const degrees = chord.tones.map(({ degree }) => degree);
  const pool = pools.find(({ notes }) => notes.length >= NOTES_OF_A_SCALE);
  return pool?.notes
    .map((note) => pitchClass(pitchClassOf(note) - root))
    .sort((a, b) => a - b)
    .map((height) => plainDegree(degrees, height));
}

export function placeInContext(events: readonly ChartEvent[], { chords }: ChartAnalysis): Chord[] {
  return events.map(({ chord }, at) => {
    if (chord.kind === 'no chord') return chord;
    const { tensions = [], thirdGuide, scales = [] } = chords[at] ?? {};
    const scale = scaleAround(chord, scales);
    const placed = {
      ...chord,
      tensions: tensions.map(({ degree }) => degree),
      ...(scale ? { scale } : {}),
    };
    return thirdGuide ? { ...placed, thirdGuide: thirdGuide.degree } : placed;
  });
}

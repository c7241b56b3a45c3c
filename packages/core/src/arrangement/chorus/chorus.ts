import { analyzeChart } from '../../analysis/analyzeChart';
import type { ChartAnalysis } from '../../analysis/base/types';
import { timeline, type Timeline } from '../../chart/timeline';
import type { Chart } from '../../chart/types';
import type { Chord } from '../../chord/types';
import { placeInContext } from './inContext';
import { returnsOf, type Return } from './returns';
import { splitTimeline, wholePositions } from '../stored/splitTimeline';
import { openedChords } from '../stored/pools';
import type { ChordPool, Split } from '../stored/types';

/** A chorus as it is voiced: split chords part by part, each chord with what its place allows. */
export interface Chorus {
  readonly timeline: Timeline;
  /** One for each event of the timeline. */
  readonly chords: readonly Chord[];
  /** Changes from one phrase to the next, by the event they lead away from. */
  readonly phraseEnds: readonly number[];
  /** For each event where its passage was heard before, the first time first. */
  readonly returns: readonly (readonly Return[])[];
  /** Of the whole chords. */
  readonly analysis: ChartAnalysis;
}

/**
 * Splits beyond the end of their chord are left out.
 * @param analysis of the same chart, where it is there already
 * @param pools scales opened over single chords
 */
export function chorusOf(
  chart: Chart,
  splits: readonly Split[] = [],
  analysis: ChartAnalysis = analyzeChart(chart),
  pools: readonly ChordPool[] = [],
): Chorus {
  const whole = timeline(chart);
  const wholeChords = placeInContext(whole.events, analysis);
  const time = splitTimeline(whole, splits);
  const wholeAt = wholePositions(time.events);
  const chords = openedChords(
    wholeAt.map((at) => wholeChords[at]!),
    pools,
  );
  return {
    timeline: time,
    chords,
    phraseEnds: phraseEndsOf(time),
    returns: returnsOf(time, chords, analysis.sections),
    analysis,
  };
}

/** Bars of a phrase where the chart says nothing else. Source: common practice. */
const PHRASE = 4;

/** Phrases end before a section and every four bars of it, and where the chorus comes round. */
function phraseEndsOf({ bars, events }: Timeline): number[] {
  const begins = new Set<number>();
  let since = 0;
  for (const { number, section } of bars) {
    since = section !== undefined || number <= 1 ? 0 : since + 1;
    if (since % PHRASE === 0) begins.add(number);
  }
  return events.flatMap((event, at) => {
    const next = events[at + 1];
    if (!next) return [at];
    return next.bar !== event.bar && begins.has(next.bar) ? [at] : [];
  });
}

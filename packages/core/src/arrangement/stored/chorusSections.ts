import { countedBars, type Timeline } from '../../chart/timeline';
import type { BarPlace } from '../../chart/placeTypes';
import type { ChartAnalysis } from '../../analysis/base/types';

/** A section of the chorus. */
export interface ChorusSection {
  readonly name: string;
  /** Bars of one chorus, both included. */
  readonly fromBar: number;
  readonly toBar: number;
  /** Where these two bars are, wherever edits take them. */
  readonly from: BarPlace;
  readonly to: BarPlace;
}

/** The sections of one chorus, by bar; the whole of it where it has none. */
export function sectionsOf({
  timeline,
  analysis,
}: {
  readonly timeline: Timeline;
  readonly analysis: ChartAnalysis;
}): ChorusSection[] {
  const bars = countedBars(timeline);
  const whole = bars.length ? [{ name: 'All', fromBar: 1, toBar: bars.length }] : [];
  const named = analysis.sections.filter(
    ({ fromBar, toBar }) => fromBar >= 1 && toBar <= bars.length,
  );
  return (named.length ? named : whole).map(({ name, fromBar, toBar }) => ({
    ...{ name, fromBar, toBar },
    from: bars[fromBar - 1]!.place,
    to: bars[toBar - 1]!.place,
  }));
}

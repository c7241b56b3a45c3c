import type { Bar, Chart } from '../types';
import { freshBarId, freshSectionId, slotIdIn } from '../freshIds';
import { soundingSlots } from './soundingSlots';
import type { BarIdentity, ChartPlaces, SectionIdentity } from '../placeTypes';

/**
 * The identities of a chart that nobody has edited yet: they count sections, bars and slots, so that
 * everyone who meets the chart gives the same ones: the slots of the first bar are `1.1`, `1.2`.
 */
export function freshPlaces(chart: Chart): ChartPlaces {
  const sounding = soundingSlots(chart);
  let written = 0;
  const freshBar = (): BarIdentity => {
    const id = freshBarId(written);
    const slots = (sounding[written] ?? []).map((_, slot) => slotIdIn(id, slot));
    written += 1;
    return { id, slots };
  };
  const sections = chart.sections.map(({ bars }, section): SectionIdentity => ({
    id: freshSectionId(section),
    bars: bars.map(freshBar),
  }));
  return { transposed: 0, sections };
}

/** Whether there is an identity for every section and bar, and none too many. */
export const placesFit = (chart: Chart, { sections }: ChartPlaces): boolean =>
  sections.length === chart.sections.length &&
  chart.sections.every(({ bars }, section) => bars.length === sections[section]!.bars.length);

/** A chart with its identities on its sections and bars. Places that do not fit are given anew. */
export function identify(chart: Chart, places: ChartPlaces | undefined): Chart {
  const { sections } = places && placesFit(chart, places) ? places : freshPlaces(chart);
  return {
    ...chart,
    sections: chart.sections.map((section, at) => {
      const { id, bars } = sections[at]!;
      const named = section.bars.map((bar, inside): Bar => {
        return { ...bar, identity: bars[inside]! };
      });
      return { ...section, id, bars: named };
    }),
  };
}

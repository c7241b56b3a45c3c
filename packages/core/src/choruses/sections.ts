import type { Chorus } from '../arrangement/chorus/chorus';
import { sectionsOf, type ChorusSection } from '../arrangement/stored/chorusSections';
import { barKey, type BarPlace } from '../chart/placeTypes';
import { countedBars, type Timeline } from '../chart/timeline';
import { defaultSection } from '../comp/defaults';
import type { ChorusPlan, PlannedBars, SectionPlan } from '../comp/comping';

/**
 * A section of one of several choruses, and what is planned for it. Where something is, `from` and `to`
 * are the bars it was planned for, even if the section has grown since.
 */
export interface PlannedSection extends ChorusSection {
  readonly chorus: number;
  /** Position among the sections of a chorus. */
  readonly section: number;
  /** Bars of all choruses, both included. */
  readonly fromBar: number;
  readonly toBar: number;
  readonly plan: SectionPlan;
}

/** Every section of every chorus in order, with what is planned for it or else the default. */
export function plannedSections(chorus: Chorus, plan: ChorusPlan): PlannedSection[] {
  const bars = countedBars(chorus.timeline).length;
  const sections = sectionsOf(chorus);
  return plan.flatMap((planned, time) => {
    const found = plansBySection(chorus.timeline, sections, planned);
    return sections.map((section, position) => ({
      ...section,
      plan: defaultSection,
      ...found[position],
      chorus: time,
      section: position,
      fromBar: section.fromBar + time * bars,
      toBar: section.toBar + time * bars,
    }));
  });
}

/**
 * For each section what is planned for it: the plan whose first bar lies in it, or else one whose last bar
 * does; of several the one that begins earliest.
 */
export function plansBySection(
  { bars }: Pick<Timeline, 'bars'>,
  sections: readonly ChorusSection[],
  planned: readonly PlannedBars[],
): (PlannedBars | undefined)[] {
  const numbers = new Map(bars.map(({ place, number }) => [barKey(place), number]));
  const sectionAt = (place: BarPlace): number => {
    const number = numbers.get(barKey(place)) ?? 0;
    return sections.findIndex(({ fromBar, toBar }) => number >= fromBar && number <= toBar);
  };
  const found: (PlannedBars | undefined)[] = sections.map(() => undefined);
  for (const end of ['from', 'to'] as const) {
    const left = planned.filter((each) => !found.includes(each));
    for (const each of left) {
      const at = sectionAt(each[end]);
      if (at >= 0) found[at] ??= each;
    }
  }
  return found;
}

/** The plan in force at each bar. */
export function planByBar(
  sections: readonly PlannedSection[],
  { bars }: Pick<Timeline, 'bars'>,
): (bar: number) => SectionPlan {
  const plans = new Map(
    bars.map(({ number }) => [
      number,
      sections.find(({ fromBar, toBar }) => number >= fromBar && number <= toBar)?.plan,
    ]),
  );
  return (bar) => plans.get(bar) ?? defaultSection;
}

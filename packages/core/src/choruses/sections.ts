import type { Chorus } from '../arrangement/chorus';
import { countedBars, type Timeline } from '../chart/timeline';
import { defaultSection } from '../comp/defaults';
import type { ChorusPlan, SectionPlan } from '../comp/comping';

/** A section of one of several choruses, and what is planned for it. */
export interface PlannedSection {
  readonly chorus: number;
  /** Position among the sections of a chorus. */
  readonly section: number;
  readonly name: string;
  /** Bars of all choruses, both included. */
  readonly fromBar: number;
  readonly toBar: number;
  readonly plan: SectionPlan;
}

/** The sections of one chorus, by bar; the whole of it where it has none. */
export function sectionsOf({ timeline, analysis }: Chorus): {
  readonly name: string;
  readonly fromBar: number;
  readonly toBar: number;
}[] {
  const bars = countedBars(timeline).length;
  const named = analysis.sections.filter(({ fromBar, toBar }) => fromBar >= 1 && toBar <= bars);
  if (!named.length) return bars ? [{ name: 'All', fromBar: 1, toBar: bars }] : [];
  return named.map(({ name, fromBar, toBar }) => ({ name, fromBar, toBar }));
}

/** Every section of every chorus in order, with what is planned for it or else the default. */
export function plannedSections(chorus: Chorus, plan: ChorusPlan): PlannedSection[] {
  const bars = countedBars(chorus.timeline).length;
  return plan.flatMap((sections, time) =>
    sectionsOf(chorus).map(({ name, fromBar, toBar }, section) => ({
      chorus: time,
      section,
      name,
      fromBar: fromBar + time * bars,
      toBar: toBar + time * bars,
      plan: sections[section] ?? defaultSection,
    })),
  );
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

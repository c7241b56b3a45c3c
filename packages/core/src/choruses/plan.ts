import { defaultSection } from '../comp/defaults';
import type { PlannedSection } from './sections';
import { barKey } from '../chart/placeTypes';
import type { ChorusPlan, PlannedBars, SectionPlan } from '../comp/comping';

/** One section of one chorus planned otherwise. */
export function withPlan(
  plan: ChorusPlan,
  section: PlannedSection,
  change: Partial<SectionPlan>,
): ChorusPlan {
  const { chorus, from, to } = section;
  const changed = { from, to, plan: { ...section.plan, ...change } };
  return plan.map((planned, time) =>
    time === chorus ? [...planned.filter((each) => !isPlanOf(section, each)), changed] : planned,
  );
}

const isPlanOf = ({ from, to }: PlannedSection, planned: PlannedBars): boolean =>
  barKey(planned.from) === barKey(from) && barKey(planned.to) === barKey(to);

/** How much is going on in a section, 0..100: density, loudness and texture together, for the picture. */
export function weightOf({ density, loudness, texture, rests }: SectionPlan): number {
  if (rests.includes('comp')) return 0;
  const full = { 'guide tones': 1, shells: 2, small: 3, 'as voiced': 3, full: 5 }[texture];
  return Math.round(((density + loudness + full) / 15) * 100);
}

/** One section of the arc, and how much goes on in it, 0..100. */
export interface ArcSection extends PlannedSection {
  readonly weight: number;
}

/** The whole set of choruses at a glance. */
export const arcFrom = (sections: readonly PlannedSection[]): ArcSection[] =>
  sections.map((section) => ({ ...section, weight: weightOf(section.plan) }));

/** A ready shape for a whole set of choruses. */
export interface PlanShape {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  /** What a moment of the set is like, from its beginning, 0, to its end, 1. */
  readonly at: (part: number) => Partial<SectionPlan>;
}

const level = (value: number): 1 | 2 | 3 | 4 | 5 =>
  Math.min(5, Math.max(1, Math.round(value))) as 1 | 2 | 3 | 4 | 5;

const textureAt = (value: number): SectionPlan['texture'] => {
  if (value < 1.8) return 'guide tones';
  if (value < 2.6) return 'shells';
  return value < 4.2 ? 'as voiced' : 'full';
};

const going = (value: number): Partial<SectionPlan> => ({
  density: level(value),
  loudness: level(value),
  texture: textureAt(value),
  devices: value >= 4 ? 2 : value >= 3 ? 1 : 0,
});

/** Shapes to begin with. Source: common practice; the curves are our own. */
export const planShapes: readonly PlanShape[] = [
  {
    id: 'build',
    label: 'Build all the way',
    about: 'From guide tones left to ring to full chords.',
    at: (part) => going(1 + 4 * part),
  },
  {
    id: 'arch',
    label: 'Up and back down',
    about: 'Fullest two thirds of the way through, and light again at the end.',
    at: (part) => going(part < 2 / 3 ? 1 + 6 * part : 5 - 9 * (part - 2 / 3)),
  },
  {
    id: 'stay low',
    label: 'Stay quiet',
    about: 'Light throughout, for a singer or a quiet room.',
    at: (part) => going(1.4 + 0.9 * Math.sin(part * Math.PI)),
  },
  {
    id: 'stroll',
    label: 'Lay out, then come in',
    about: 'The comp rests for the first chorus or section, then builds.',
    at: (part) => (part === 0 ? { ...going(1), rests: ['comp'] } : going(2 + 3 * part)),
  },
];

/** A shape laid over the sections of so many choruses. */
export function shapeOver(
  sections: readonly Pick<PlannedSection, 'from' | 'to'>[],
  times: number,
  { at }: PlanShape,
): ChorusPlan {
  const last = Math.max(1, times * sections.length - 1);
  return Array.from({ length: times }, (_, time) =>
    sections.map(({ from, to }, section) => ({
      ...{ from, to },
      plan: { ...defaultSection, ...at((time * sections.length + section) / last) },
    })),
  );
}

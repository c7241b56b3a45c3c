import type { SectionAnalysis } from '../../analysis/base/types';
import type { ChartEvent, Timeline } from '../../chart/timeline';
import type { Chord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';

/** Where a place in a passage was heard before. */
export interface Return {
  readonly at: number;
  /** How far the passage has moved since, -5 to 6. */
  readonly semitones: number;
}

/**
 * For each event the events at the same place of the same passage before it, the first time first: of a
 * written repeat, or of a section that is an earlier one but for a few bars, moved or as it was – where it
 * is the same chord.
 */
export function returnsOf(
  { events }: Timeline,
  chords: readonly Chord[],
  sections: readonly SectionAnalysis[],
): Return[][] {
  const placeOf = sectionPlaces(events, sections);
  const found: Return[][] = [];
  events.forEach((event, at) => {
    const here: Return[] = [];
    for (let before = 0; before < at; before += 1) {
      const moved = movedBy(events, placeOf, before, at);
      if (moved !== undefined && alike(chords[before]!, chords[at]!, moved)) {
        here.push({ at: before, semitones: moved });
      }
    }
    found.push(event.chord.kind === 'no chord' ? [] : here);
  });
  return found;
}

/** A place in the section that stands for all those like it, and how far this one has moved from it. */
interface SectionPlace {
  readonly name: string;
  readonly bar: number;
  readonly beat: number;
  readonly semitones: number;
}

function sectionPlaces(
  events: readonly ChartEvent[],
  sections: readonly SectionAnalysis[],
): (SectionPlace | undefined)[] {
  return events.map(({ bar, beat }) => {
    const section = sections.find(({ fromBar, toBar }) => bar >= fromBar && bar <= toBar);
    if (!section) return undefined;
    return { ...model(section, sections), bar: bar - section.fromBar, beat };
  });
}

/** The section that all those like it go back to, and how far this one has moved from it. */
function model(
  { name, sameAs, nearly }: SectionAnalysis,
  sections: readonly SectionAnalysis[],
): Pick<SectionPlace, 'name' | 'semitones'> {
  const like = sameAs ?? nearly;
  const earlier = sections.find((section) => section.name === like?.name);
  if (!like || !earlier) return { name, semitones: 0 };
  const first = model(earlier, sections);
  return { name: first.name, semitones: first.semitones + like.semitones };
}

function movedBy(
  events: readonly ChartEvent[],
  placeOf: readonly (SectionPlace | undefined)[],
  before: number,
  at: number,
): number | undefined {
  const [a, b] = [events[before]!, events[at]!];
  const written = a.written === b.written && a.slot === b.slot && a.part === b.part;
  if (written && a.bar !== b.bar) return 0;
  const [p, q] = [placeOf[before], placeOf[at]];
  if (!p || !q || p.name !== q.name || p.bar !== q.bar || p.beat !== q.beat) return undefined;
  return a.bar === b.bar ? undefined : nearest(q.semitones - p.semitones);
}

/** -5 to 6. */
const nearest = (semitones: number): number => pitchClass(semitones + 5) - 5;

function alike(a: Chord, b: Chord, semitones: number): boolean {
  if (a.kind === 'no chord' || b.kind === 'no chord') return false;
  const moved = pitchClass(pitchClassOf(b.root) - pitchClassOf(a.root));
  const degrees = ({ tones }: typeof a): string => tones.map(({ degree }) => degree).join(' ');
  return moved === pitchClass(semitones) && degrees(a) === degrees(b);
}

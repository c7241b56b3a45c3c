import type { PitchedChord } from '../../chord/types';
import type { ChartEvent } from '../../chart/timeline';
import { pitchClassOf } from '../../pitch/spelling';
import type { PitchClass } from '../../base/units';
import { classOf, type ChordClass } from './chordClass';

/** One chord for as long as it stays, however often it is written; the grain of the analysis. */
export interface Moment {
  readonly chord: PitchedChord;
  readonly root: PitchClass;
  readonly bass: PitchClass;
  readonly class: ChordClass;
  /** In quarters from the beginning of bar 1. */
  readonly at: number;
  readonly end: number;
  readonly fromBar: number;
  /** The bar it still sounds in last. */
  readonly toBar: number;
  /** Positions of its first and last event in the timeline. */
  readonly first: number;
  readonly last: number;
}

/**
 * Joins neighbouring events of one chord. N.C. ends a moment and is none itself, and so does the
 * beginning of a section: what is heard there is heard anew.
 * @param barAt the bar that ends at a quarter, or holds it
 * @param beginsSection whether a section begins at a quarter
 */
export function momentsOf(
  events: readonly ChartEvent[],
  barAt: (quarter: number) => number,
  beginsSection: (quarter: number) => boolean,
): Moment[] {
  const moments: Moment[] = [];
  events.forEach((event, index) => {
    if (event.chord.kind === 'no chord') return;
    const end = event.at + event.length;
    const toBar = barAt(end);
    const before = moments.at(-1);
    const goesOn = before?.end === event.at && !beginsSection(event.at);
    if (goesOn && isSame(before.chord, event.chord)) {
      moments[moments.length - 1] = { ...before, end, toBar, last: index };
      return;
    }
    const { chord, at } = event;
    moments.push({
      chord,
      root: pitchClassOf(chord.root),
      bass: pitchClassOf(chord.bass ?? chord.root),
      class: classOf(chord),
      at,
      end,
      fromBar: event.bar,
      toBar,
      first: index,
      last: index,
    });
  });
  return moments;
}

const isSame = (a: PitchedChord, b: PitchedChord): boolean =>
  pitchClassOf(a.root) === pitchClassOf(b.root) &&
  (a.bass ?? a.root) === (b.bass ?? b.root) &&
  a.tones.map((tone) => tone.degree).join() === b.tones.map((tone) => tone.degree).join();

/**
 * Endings: the tonic struck once more after the last bar and held by all; or before it a tag, the last four
 * bars twice again. Source: common practice.
 */
import { quartersInBar } from '../chart/meter';
import type { Timeline } from '../chart/timeline';
import type { PitchedChord } from '../chord/types';
import type { Ending } from '../comp/styles';
import type { Voicing } from '../voicing/base/types';
import { HIT_TOUCH } from '../comp/base/data';
import { bassOf, middle, nearest } from './bassPitches';
import { DRUMS, TOUCH } from './data';
import type { BandPlan, PlannedNote } from './types';

/** The chord a tune ends on. */
export interface FinalChord {
  readonly chord: PitchedChord;
  readonly voicing: Voicing;
}

const TAG_BARS = 4;
/** How often the tag is played after the first time. */
const AGAIN = 2;
/** How many bars the last chord is held. */
const HELD_BARS = 2;
/** From one note of the last chord to the next, in quarters: it is rolled. */
const ROLL = 0.05;

/**
 * A plan of whole choruses with its ending after it.
 * @param timeline the choruses that are planned
 */
export function withEnding(
  plan: BandPlan,
  ending: Exclude<Ending, 'as written'>,
  final: FinalChord,
  { bars }: Pick<Timeline, 'bars'>,
): BandPlan {
  const last = bars.at(-1);
  if (!last) return plan;
  const tag = bars.filter(({ number }) => number > 0).slice(-TAG_BARS);
  const from = tag[0]!.at;
  const lasts = plan.length - from;
  const times = ending === 'tag' ? AGAIN : 0;
  const repeated = Array.from({ length: times }, (_, time) =>
    plan.notes
      .filter(({ part, at }) => part !== 'solo' && at >= from)
      .map((note) => ({ ...note, at: note.at + (time + 1) * lasts })),
  ).flat();
  const end = plan.length + times * lasts;
  const held = quartersInBar(last.meter) * HELD_BARS;
  return {
    ...plan,
    notes: [...plan.notes, ...repeated, ...heldBy(final, end, held)],
    length: end + held,
    ...(times && { again: { from, to: plan.length, until: end } }),
  };
}

/** Everybody on the last chord. */
function heldBy({ chord, voicing }: FinalChord, at: number, length: number): PlannedNote[] {
  const comp = voicing.notes.map(({ midi }, voice): PlannedNote => ({
    ...{ part: 'comp', midi, at: at + voice * ROLL, length: length - voice * ROLL },
    velocity: HIT_TOUCH.plain,
  }));
  const root = nearest([bassOf(chord)], middle, undefined);
  const drums = [DRUMS.kick, DRUMS.ride].map((midi): PlannedNote => ({
    part: 'drums',
    midi,
    at,
    length,
    velocity: TOUCH.rideBeat,
  }));
  return [{ part: 'bass', midi: root, at, length, velocity: TOUCH.bass }, ...drums, ...comp];
}

/** Where a moment of a plan lies in the choruses it is made from: in a tag the bars it repeats. */
export function inChoruses({ again }: Pick<BandPlan, 'again'>, position: number): number {
  if (!again || position < again.to) return position;
  if (position >= again.until) return again.to;
  return again.from + ((position - again.from) % (again.to - again.from));
}

import type { PitchedChord } from '../chord/types';
import { pitchClass } from '../base/units';
import { RANGE, bassOf, beside, middle, nearest, tonesOf } from './bassPitches';

/** Where a bass note is struck. */
export interface Step {
  readonly at: number;
  readonly length: number;
  readonly chord: PitchedChord;
  /** The chord begins here, or a bar does. */
  readonly strong: boolean;
  /** The chord that begins where this step ends; none where this one goes on or the bass rests. */
  readonly next: PitchedChord | undefined;
}

/** Walks from each strong beat to the next. */
export function walked(steps: readonly Step[]): number[] {
  const pitches: number[] = [];
  for (let from = 0; from < steps.length;) {
    const rest = steps.slice(from + 1).findIndex(({ strong }) => strong);
    const length = rest < 0 ? steps.length - from : rest + 1;
    pitches.push(...walk(steps.slice(from, from + length), pitches.at(-1)));
    from += length;
  }
  return pitches;
}

/**
 * From a root through the chord to where the next one begins: up or down, whichever ends nearer to it and to the
 * middle of the instrument; then a half step beside it, or where the chord goes on one more of its tones.
 */
function walk(steps: readonly Step[], before: number | undefined): number[] {
  const [first] = steps;
  const { chord } = first!;
  const root = nearest([bassOf(chord)], before ?? middle, before);
  const next = steps.at(-1)!.next;
  const between = steps.length - 1 - (next && steps.length > 1 ? 1 : 0);
  const goal = bassOf(next ?? chord);
  const ways = ([1, -1] as const).map((up) => {
    const tones = climbed(chord, root, between, up);
    const end = tones.at(-1) ?? root;
    const target = nearest([goal], end, undefined);
    return { tones, end, target, far: 2 * Math.abs(end - target) + Math.abs(end - middle) };
  });
  const [up, down] = ways as [(typeof ways)[number], (typeof ways)[number]];
  const { tones, end, target } = down.far < up.far ? down : up;
  const lead = next && steps.length > 1 ? [beside(target, end)] : [];
  return [root, ...tones, ...lead];
}

/** So many tones of a chord one after the other; at the end of the instrument it turns back. */
function climbed(chord: PitchedChord, root: number, count: number, up: 1 | -1): number[] {
  const classes = tonesOf(chord);
  const pitches = RANGE.filter((pitch) => classes.includes(pitchClass(pitch)));
  const tones: number[] = [];
  let [here, way] = [root, up as number];
  for (let tone = 0; tone < count; tone += 1) {
    const on = nextFrom(pitches, here, way);
    if (on === undefined) way = -way;
    here = on ?? nextFrom(pitches, here, way) ?? here;
    tones.push(here);
  }
  return tones;
}

const nextFrom = (pitches: readonly number[], from: number, way: number): number | undefined =>
  way > 0 ? pitches.find((pitch) => pitch > from) : pitches.filter((pitch) => pitch < from).at(-1);

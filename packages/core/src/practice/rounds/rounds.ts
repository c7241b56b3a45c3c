/**
 * The rounds of an étude: one from every inversion, in every lane.
 *
 * *Nearest*: each chord by the least motion. The rounds of a lane are found together, so that they are different
 * at every chord, by as little more motion as that takes. *Same shape*: one inversion throughout, moved along
 * the neck or the keys by the least motion, an octave back where these end.
 */
import { PLACE_OF } from '../../chord/degrees';
import { voicingKey } from '../../voicing/enumerate';
import type { Voicing } from '../../voicing/base/types';
import { middleOf } from '../../connect/base/middle';
import { disjointPaths } from './disjoint';
import type { Lane } from './lanes';

export const WAYS = ['nearest', 'same shape'] as const;
export type Way = (typeof WAYS)[number];

export interface RoundsRequest {
  readonly way: Way;
  readonly lane: Lane;
  /** How far a voicing lies from the middle of the room's register, in semitones. */
  readonly fromMiddle: (voicing: Voicing) => number;
}

/** Motion counts in thousands, so that what breaks a tie never outweighs a half step. */
const HALF_STEP = 1000;
const MOST_OF_A_TIE = 999;

/** The rounds of one lane, each starting in another inversion, in the order in which they are played. */
export function roundsIn(request: RoundsRequest): (readonly Voicing[])[] {
  const paths = request.way === 'nearest' ? nearest(request) : sameShape(request);
  return inOrder(paths, request.fromMiddle);
}

/** Half steps from voice to voice, in order from the bottom; both have as many. */
export const motionBetween = (from: Voicing, to: Voicing): number =>
  to.notes.reduce((sum, { midi }, voice) => sum + Math.abs(midi - from.notes[voice]!.midi), 0);

/** Motion first, then how far the hand shifts. */
const stepCost = (from: Voicing, to: Voicing): number =>
  HALF_STEP * motionBetween(from, to) +
  Math.min(MOST_OF_A_TIE, Math.round(10 * Math.abs(handAt(to) - handAt(from))));

/** Where a hand is: the lowest fretted fret, or the middle of the pitches. */
function handAt(voicing: Voicing): number {
  const frets = voicing.notes.flatMap(({ fret }) => (fret ? [fret] : []));
  return frets.length ? Math.min(...frets) : (middleOf(voicing) ?? 0);
}

/**
 * What makes a start a start of its own: what lies lowest, and in small forms also what lies on top, so that both
 * shells are there.
 */
export function formOf({ notes }: Voicing): string {
  const [low, high] = [notes[0]!.degree, notes.at(-1)!.degree];
  return notes.length > SMALL ? low : `${low} ${high}`;
}
const SMALL = 3;

function nearest({ lane: { layers }, fromMiddle }: RoundsRequest): Voicing[][] {
  const together = disjointPaths({
    layers,
    kindOf: formOf,
    startCost: (start) => Math.round(10 * fromMiddle(start)),
    cost: stepCost,
  });
  const made = new Set(together.map(([start]) => formOf(start!)));
  const left = [...new Set((layers[0] ?? []).map(formOf))].filter((form) => !made.has(form));
  // No room for them beside the others: they meet them somewhere.
  const meeting = left.flatMap((form) =>
    leastPath(
      [layers[0]!.filter((start) => formOf(start) === form), ...layers.slice(1)],
      fromMiddle,
    ),
  );
  return [...together, ...meeting];
}

function sameShape({ lane: { layers }, fromMiddle }: RoundsRequest): Voicing[][] {
  const shapes = [...new Set((layers[0] ?? []).map(shapeOf))];
  return shapes.flatMap((shape) => {
    const same = layers.map((layer) => layer.filter((voicing) => shapeOf(voicing) === shape));
    return leastPath(same, fromMiddle);
  });
}

/** The members of the chord from the bottom up: a flat seventh and a seventh are one. */
const shapeOf = ({ notes }: Voicing): string =>
  notes.map(({ degree }) => PLACE_OF[degree]).join(' ');

/** The least costly path through layers, none where one of them is empty. */
function leastPath(
  layers: readonly (readonly Voicing[])[],
  fromMiddle: (voicing: Voicing) => number,
): Voicing[][] {
  return disjointPaths({
    layers,
    kindOf: () => '',
    startCost: (start) => Math.round(10 * fromMiddle(start)),
    cost: stepCost,
  });
}

/** Whether a round begins with the voicing that another has ended with. */
export const joins = (ended: readonly Voicing[] | undefined, begins: readonly Voicing[]): boolean =>
  !!ended && voicingKey(ended.at(-1)!) === voicingKey(begins[0]!);

/**
 * First a round that no other leads to; then each that begins where the last ended, or else the one that begins
 * nearest to the hand.
 */
function inOrder(
  paths: readonly (readonly Voicing[])[],
  fromMiddle: (voicing: Voicing) => number,
): (readonly Voicing[])[] {
  const open = [...paths];
  const ordered: (readonly Voicing[])[] = [];
  while (open.length) {
    const last = ordered.at(-1);
    const far = (path: readonly Voicing[]): number =>
      last ? motionBetween(last.at(-1)!, path[0]!) : fromMiddle(path[0]!);
    const ledTo = (path: readonly Voicing[]): boolean =>
      open.some((other) => other !== path && joins(other, path));
    const free = last ? open : open.filter((path) => !ledTo(path));
    const next = (free.length ? free : open).reduce((best, path) =>
      far(path) < far(best) ? path : best,
    );
    open.splice(open.indexOf(next), 1);
    ordered.push(next);
  }
  return ordered;
}

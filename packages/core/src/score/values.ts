/**
 * Written values. Problem: how a stretch of a bar is written, so that a reader sees the beats. A stretch is one value where
 * there is a value of its length and no beat inside it is stronger than the one it begins on, or where it lies evenly
 * across a beat that is just stronger: a half on two, a quarter on an offbeat within half a bar. Else it is parted at
 * its strongest beat, the first of several, and each part written so, tied. Rests lie across nothing, and have dots only
 * where beats do. Source: common
 * practice of engraving.
 */
import { ticks, type Ticks } from '../base/units';
import type { Meter } from '../chart/types';
import { TICKS_PER_QUARTER } from '../comp/base/time';
import { BASES, type NoteValue } from './types';

const WHOLE = 4 * TICKS_PER_QUARTER;
const DOTTED = [1, 1.5, 1.75] as const;

const VALUES: readonly NoteValue[] = BASES.flatMap((base, halvings) =>
  DOTTED.map((factor, dots) => ({
    ...{ base, dots: dots as NoteValue['dots'], triplet: false },
    length: ticks((WHOLE / 2 ** halvings) * factor),
  })),
).filter(({ length }) => Number.isInteger(length));

/** An eighth of a triplet, and its quarter. */
const TRIPLETS: readonly NoteValue[] = (['quarter', 'eighth'] as const).map((base, at) => ({
  ...{ base, dots: 0, triplet: true },
  length: ticks(TICKS_PER_QUARTER / (3 / (2 - at))),
}));

/** The value of a length, plain or dotted once; twice only where `most` says so. */
export const valueOf = (length: number, most = 1): NoteValue | undefined =>
  VALUES.find((value) => (value.length as number) === length && value.dots <= most);

export const tripletOf = (length: number): NoteValue | undefined =>
  TRIPLETS.find((value) => (value.length as number) === length);

/** The bar that a stretch lies in. */
export interface BarGrid {
  readonly length: Ticks;
  /** Its beats, in ticks: the felt ones, dotted quarters in 6/8. */
  readonly beat: Ticks;
  readonly beats: number;
}

const COMPOUND = 3;

/** @example gridOfBar({ beats: 6, unit: 8 }).beats // 2 */
export function gridOfBar({ beats, unit }: Meter): BarGrid {
  const written = WHOLE / unit;
  const isCompound = unit >= 8 && beats > COMPOUND && beats % COMPOUND === 0;
  const felt = isCompound ? COMPOUND : 1;
  return { length: ticks(beats * written), beat: ticks(written * felt), beats: beats / felt };
}

const BAR = 6;
const HALF_BAR = 5;
const BEAT = 4;

/** How strong a moment of a bar is: its beginning, the middle of a bar in two or four, its beats, what halves them. */
export function strength({ length, beat, beats }: BarGrid, at: number): number {
  if (at % length === 0) return BAR;
  if (beats % 4 === 0 && at % (length / 2) === 0) return HALF_BAR;
  if (at % beat === 0) return BEAT;
  const third = beat % (TICKS_PER_QUARTER * 1.5) === 0;
  let part: number = third ? beat / COMPOUND : beat / 2;
  for (let level = BEAT - 1; level > 0; level -= 1) {
    if (at % part === 0) return level;
    part /= 2;
  }
  return 0;
}

/** Finer than this nothing is written, in ticks. */
const FINEST = TICKS_PER_QUARTER / 8;

/** The strongest moment inside a stretch, the first of several. */
function strongestIn(grid: BarGrid, from: number, to: number): number | undefined {
  let found: number | undefined;
  for (let at = (Math.floor(from / FINEST) + 1) * FINEST; at < to; at += FINEST) {
    if (found === undefined || strength(grid, at) > strength(grid, found)) found = at;
  }
  return found;
}

/** A part of a bar as it is written. */
export interface WrittenStretch {
  readonly at: Ticks;
  readonly value: NoteValue;
}

/**
 * A stretch of one bar in written values, to be tied.
 * @param from in ticks from the beginning of the bar, on its grid of 32nds, as is `to`
 */
export function written(grid: BarGrid, from: number, to: number, isRest = false): WrittenStretch[] {
  const value = valueOf(to - from);
  const inside = strongestIn(grid, from, to);
  const isPlain = !isRest || value?.dots === 0 || grid.beat % (TICKS_PER_QUARTER * 1.5) === 0;
  if (value && isPlain && (inside === undefined || fits(grid, from, to, inside, isRest))) {
    return [{ at: ticks(from), value }];
  }
  if (inside === undefined) throw new Error(`A stretch from ${from} to ${to} has no value.`);
  return [...written(grid, from, inside, isRest), ...written(grid, inside, to, isRest)];
}

function fits(grid: BarGrid, from: number, to: number, inside: number, isRest: boolean): boolean {
  const [own, within] = [strength(grid, from), strength(grid, inside)];
  if (within <= own) return !isRest || to - from <= grid.beat || own > BEAT;
  return !isRest && within === own + 1 && inside - from === to - inside;
}

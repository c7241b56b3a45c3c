import { keyOf, signatureOf, type Score } from '@drop-close/core';
import { makeRoom } from './makeRoom';
import { segmentsOf } from './segments';
import type { SystemPlace } from './types';

/** A clef, each sign of the key and a meter that is new take so much of a bar, in pixels. */
const CLEF = 44;
const KEY_SIGN = 10;
const METER = 26;
/** Before the first note of a bar and after the last. */
const BAR = 34;

/** What the clef and the key take at the beginning of a line, in pixels of medium size. */
export function headRoom(key: string): number {
  const { name, mode } = keyOf(key);
  return CLEF + Math.abs(signatureOf(name, mode)) * KEY_SIGN;
}

/** Whether the meter is written: in the first bar, and where it changes. */
export function isNewMeter(measures: Score['measures'], position: number): boolean {
  const [before, now] = [measures[position - 1]?.meter, measures[position]!.meter];
  return !before || before.beats !== now.beats || before.unit !== now.unit;
}

type Written = Pick<Score, 'key' | 'measures' | 'parts'>;
/** How a symbol is written. */
type SymbolOf = (symbol: string) => string;

/** What a bar needs, with the meter where it is new, in pixels of medium size. */
export interface BarNeeds {
  /** So that no note lies on the next. */
  readonly notes: number;
  /** So that no symbol lies on another either. */
  readonly all: number;
}

/** What each bar of a score needs. */
export function needsOf({ key, measures, parts: [part] }: Written, symbolOf: SymbolOf): BarNeeds[] {
  return (part?.measures ?? []).map((bar, position) => {
    const { before, segments } = segmentsOf(measures[position]!, bar, key, symbolOf);
    const base = BAR + before + (isNewMeter(measures, position) ? METER : 0);
    return {
      notes: segments.reduce((sum, { notes }) => sum + notes, base),
      all: segments.reduce((sum, { room }) => sum + room, base),
    };
  });
}

/**
 * Every bar of a line has what its notes need and the same of what is left; where that is too little for its
 * symbols, the others give some of theirs.
 */
export function widthsOf(
  score: Written,
  { first, count, width }: Pick<SystemPlace, 'first' | 'count' | 'width'>,
  symbolOf: SymbolOf,
): number[] {
  const needs = needsOf(score, symbolOf).slice(first, first + count);
  const head = headRoom(score.key);
  const room = width - 1 - head;
  const more = (room - needs.reduce((sum, { notes }) => sum + notes, 0)) / count;
  let x = 0;
  const standing = needs.map(({ notes, all }) => {
    const from = x;
    x += Math.max(notes + more, 0);
    return { x: from, room: all };
  });
  const move = makeRoom(standing, room);
  const edges = [...standing.map((each) => move(each.x)), room];
  return standing.map((_, at) => edges[at + 1]! - edges[at]! + (at === 0 ? head : 0));
}

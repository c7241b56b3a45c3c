import { semitonesOf, type Degree } from '../../chord/degrees';
import { pitchClass, semitones } from '../../base/units';
import type { ToneChoice } from '../families/family';
import type { Fretted, StackTone } from '../base/types';
import { openPitches } from './geometry';
import type { Shape } from './shapes';

/** One fret that sounds a tone of the pool, on one string. */
interface Option {
  readonly string: number;
  readonly offset: number;
  readonly tone: StackTone;
  /** The tone as one bit, so that a set of tones is a number. */
  readonly bit: number;
}

/** Frets a search goes through: those to be tried on each string, and one that must be among them. */
interface Region {
  readonly offsets: readonly number[];
  /** One string at least sounds here, so that no choice is found from two regions. */
  readonly edge: number;
  /** The pitch of the root is that of the fret 0 less this. */
  readonly base: number;
}

/**
 * The shapes of a pool whose lowest fret is the root's pitch class plus `base`, over at most `span`
 * frets, no string open. The neck is searched, not the sets of pitches, most of which lie nowhere.
 */
export const choiceShapes = (
  neck: Fretted,
  pool: ToneChoice,
  base: number,
  span: number,
): Shape[] => choices(neck, pool, { offsets: upTo(0, span), edge: 0, base });

/**
 * The choices that have open strings, for a chord on one root: the fretted ones among them start at
 * `lowest` and cover at most `span` frets. `lowest` 0 means that every string is open.
 */
export function openChoiceShapes(
  neck: Fretted,
  pool: ToneChoice,
  root: number,
  lowest: number,
  span: number,
): Shape[] {
  const fretted = lowest ? upTo(lowest, lowest + span) : [];
  const region = { offsets: [0, ...fretted], edge: lowest, base: pitchClass(-root) };
  return choices(neck, pool, region).filter(({ offsets }) => offsets.includes(0));
}

const upTo = (from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index);

/**
 * Every choice of one fret or silence a string with as many tones as the pool asks for, no tone twice
 * and each needed one among them. A branch is cut when it repeats a tone or can no longer have enough.
 */
function choices(neck: Fretted, pool: ToneChoice, region: Region): Shape[] {
  const strings = optionsOf(neck, pool, region);
  const needed = pool.needed.reduce((bits, degree) => bits | bitOf(degree), 0);
  const shapes: Shape[] = [];
  const picked: Option[] = [];
  const visit = (string: number, held: number, onEdge: boolean): void => {
    const left = strings.length - string;
    if (picked.length + left < pool.fewest) return;
    if (left === 0) {
      if (onEdge && (held & needed) === needed) shapes.push(shapeOf(picked, region.base));
      return;
    }
    visit(string + 1, held, onEdge);
    if (picked.length === pool.most) return;
    for (const option of strings[string]!) {
      if (held & option.bit) continue;
      picked.push(option);
      visit(string + 1, held | option.bit, onEdge || option.offset === region.edge);
      picked.pop();
    }
  };
  visit(0, 0, false);
  return shapes;
}

const bitOf = (degree: Degree): number => 1 << semitonesOf(degree);

function optionsOf(neck: Fretted, pool: ToneChoice, { offsets, base }: Region): Option[][] {
  const names = new Map(pool.degrees.map((degree) => [semitonesOf(degree), degree]));
  return openPitches(neck).map((open, string) =>
    offsets.flatMap((offset) => {
      const height = semitones(open + base + offset);
      const degree = names.get(pitchClass(height));
      return degree ? [{ string, offset, tone: { degree, height }, bit: bitOf(degree) }] : [];
    }),
  );
}

function shapeOf(picked: readonly Option[], base: number): Shape {
  const rising = [...picked].sort((a, b) => a.tone.height - b.tone.height);
  return {
    tones: rising.map(({ tone }) => tone),
    strings: rising.map(({ string }) => string),
    offsets: rising.map(({ offset }) => offset),
    base,
  };
}

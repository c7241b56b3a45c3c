import { semitonesOf, type Degree } from '../../chord/degrees';
import { pitchClass, semitones } from '../../base/units';
import type { ToneChoice } from '../families/family';
import type { Fretted, StackTone } from '../base/types';
import { openPitches } from './geometry';
import type { Shape } from './shapes';

/** One fret that sounds a tone of the choice, on one string. */
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
 * The shapes of a choice whose lowest fret is the root's pitch class plus `base`, over at most `span`
 * frets, no string open. The neck is searched, not the sets of pitches, most of which lie nowhere.
 */
export const choiceShapes = (
  neck: Fretted,
  drawn: ToneChoice,
  base: number,
  span: number,
): Shape[] => choices(neck, drawn, { offsets: upTo(0, span), edge: 0, base });

/**
 * The choices that have open strings, for a chord on one root: the fretted ones among them start at
 * `lowest` and cover at most `span` frets. `lowest` 0 means that every string is open.
 */
export function openChoiceShapes(
  neck: Fretted,
  drawn: ToneChoice,
  root: number,
  lowest: number,
  span: number,
): Shape[] {
  const fretted = lowest ? upTo(lowest, lowest + span) : [];
  const region = { offsets: [0, ...fretted], edge: lowest, base: pitchClass(-root) };
  return choices(neck, drawn, region).filter(({ offsets }) => offsets.includes(0));
}

const upTo = (from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index);

/**
 * Every choice of one fret or silence a string with as many tones as are asked for, no tone twice, and
 * all among them that has to sound. A branch is cut when it repeats a tone or can no longer have enough, or
 * not all that is needed.
 */
function choices(neck: Fretted, drawn: ToneChoice, region: Region): Shape[] {
  const strings = optionsOf(neck, drawn, region);
  const isEnough = enough(drawn);
  const stillNeeded = needed(drawn);
  const stands = standing(drawn);
  const shapes: Shape[] = [];
  const picked: Option[] = [];
  const visit = (string: number, held: number, onEdge: boolean): void => {
    const left = strings.length - string;
    if (picked.length + left < drawn.fewest) return;
    if (stillNeeded(held) > Math.min(left, drawn.most - picked.length)) return;
    if (left === 0) {
      if (onEdge && isEnough(held) && stands(picked)) shapes.push(shapeOf(picked, region.base));
      return;
    }
    visit(string + 1, held, onEdge);
    if (picked.length === drawn.most) return;
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

const bitsOf = (degrees: readonly Degree[]): number =>
  degrees.reduce((bits, degree) => bits | bitOf(degree), 0);

/** How many bits of a set of tones are one. */
const COUNT = new Uint8Array(1 << 12);
for (let bits = 1; bits < COUNT.length; bits += 1) COUNT[bits] = COUNT[bits >> 1]! + (bits & 1);

/** How many tones at least a set lacks of those that no other can stand for. */
function needed({ guideTones, mayMiss, demands }: ToneChoice): (held: number) => number {
  const guides = bitsOf(guideTones);
  const single = bitsOf(demands.flatMap((any) => (any.length === 1 ? any : []))) & ~guides;
  return (held) => Math.max(0, COUNT[guides & ~held]! - mayMiss) + COUNT[single & ~held]!;
}

/** Whether a set of tones holds all that has to sound. */
function enough({ guideTones, mayMiss, demands }: ToneChoice): (held: number) => boolean {
  const guides = guideTones.map(bitOf);
  const wanted = demands.map(bitsOf);
  return (held) => {
    let missed = 0;
    for (const bit of guides) if (!(held & bit)) missed += 1;
    if (missed > mayMiss) return false;
    for (const any of wanted) if (!(held & any)) return false;
    return true;
  };
}

/** Whether the lowest tone may be lowest. */
function standing({ degrees, lowest }: ToneChoice): (picked: readonly Option[]) => boolean {
  if (!lowest) return () => true;
  // By name, because a 9 has the pitch of a 2.
  const allowed = bitsOf(degrees.filter((degree) => lowest.includes(degree)));
  return (picked) => {
    let bottom = picked[0]!;
    for (const option of picked) if (option.tone.height < bottom.tone.height) bottom = option;
    return (bottom.bit & allowed) !== 0;
  };
}

const bitOf = (degree: Degree): number => 1 << semitonesOf(degree);

function optionsOf(neck: Fretted, drawn: ToneChoice, { offsets, base }: Region): Option[][] {
  const names = new Map(drawn.degrees.map((degree) => [semitonesOf(degree), degree]));
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

import { PLACE_OF, semitonesOf, type Degree } from '../../chord/degrees';
import { semitones } from '../../base/units';
import type { DegreeStack, Inversion, StackTone } from './types';

const INVERSION_BY_PLACE = { root: 0, third: 1, fifth: 2, seventh: 3 } as const;
/** The tones proper of a seventh chord or triad; a tension in the bass makes no inversion. */
const BODY: readonly Degree[] = ['R', 'b3', '3', 'b5', '5', '#5', '6', 'bb7', 'b7', '7'];

export function inversionOf(bass: Degree): Inversion | undefined {
  return BODY.includes(bass) ? INVERSION_BY_PLACE[PLACE_OF[bass]] : undefined;
}

/** A stack of tones already placed, low to high. */
export function stackOf(tones: readonly StackTone[], without?: readonly Degree[]): DegreeStack {
  const inversion = inversionOf(tones[0]?.degree ?? 'R');
  return {
    tones,
    ...(inversion === undefined ? {} : { inversion }),
    ...(without?.length ? { without } : {}),
  };
}

/**
 * Stacks degrees in the order given, each the nearest above the one before.
 * @param floor the first tone lies above this height
 * @example stackUp(['R', '7', '3']).tones[2].height // 16
 */
export const stackUp = (degrees: readonly Degree[], floor = -1): DegreeStack =>
  stackOf(tonesUp(degrees, floor));

/** The tones of `stackUp`. */
export function tonesUp(degrees: readonly Degree[], floor: number): StackTone[] {
  let lowest = floor;
  return degrees.map((degree) => {
    let height = semitonesOf(degree);
    while (height <= lowest) height += 12;
    lowest = height;
    return { degree, height: semitones(height) };
  });
}

/** Every close position of a set of tones: all within an octave, each tone at the bottom once. */
export function closePositions(set: readonly Degree[]): DegreeStack[] {
  const rising = [...set].sort((a, b) => semitonesOf(a) - semitonesOf(b));
  return rising.map((_, index) => stackUp([...rising.slice(index), ...rising.slice(0, index)]));
}

/**
 * Counts a close position from the top and lowers the voices with those numbers by an octave; numbers
 * past its size lower nothing.
 * @example drop(stackUp(['R', '3', '5', '7']), [2]).tones.map((t) => t.degree) // ['5', 'R', '3', '7']
 */
export function drop(stack: DegreeStack, voicesFromTop: readonly number[]): DegreeStack {
  const dropped = voicesFromTop.map((number) => stack.tones.length - number);
  const tones = stack.tones.map((tone, index) =>
    dropped.includes(index) ? { ...tone, height: semitones(tone.height - 12) } : tone,
  );
  return stackOf(
    tones.sort((a, b) => a.height - b.height),
    stack.without,
  );
}

/** What sounds and in which order, whatever the octave: `5:0 R:5 3:9 7:16`, heights above the bass. */
export function stackShape(tones: readonly StackTone[]): string {
  const bass = tones[0]?.height ?? 0;
  return tones.map(({ degree, height }) => `${degree}:${height - bass}`).join(' ');
}

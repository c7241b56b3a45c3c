import { PLACE_OF, semitonesOf, type Degree } from '../chord/degrees';
import { semitones } from '../units';
import type { DegreeStack, Inversion } from './types';

const INVERSION_BY_PLACE = { root: 0, third: 1, fifth: 2, seventh: 3 } as const;

/** The tones proper of a seventh chord or triad; a tension in the bass makes no inversion. */
const BODY: readonly Degree[] = ['R', 'b3', '3', 'b5', '5', '#5', '6', 'bb7', 'b7', '7'];

export function inversionOf(bass: Degree): Inversion | undefined {
  return BODY.includes(bass) ? INVERSION_BY_PLACE[PLACE_OF[bass]] : undefined;
}

/**
 * Stacks degrees in the order given, each the nearest above the one before.
 * @example stackUp(['R', '7', '3']).tones[2].height // 16
 */
export function stackUp(degrees: readonly Degree[]): DegreeStack {
  let floor = -1;
  const tones = degrees.map((degree) => {
    let height = semitonesOf(degree);
    while (height <= floor) height += 12;
    floor = height;
    return { degree, height: semitones(height) };
  });
  return withInversion(tones);
}

/** Every close position of a set of tones: all within an octave, each tone at the bottom once. */
export function closePositions(set: readonly Degree[]): DegreeStack[] {
  const rising = [...set].sort((a, b) => semitonesOf(a) - semitonesOf(b));
  return rising.map((_, index) => stackUp([...rising.slice(index), ...rising.slice(0, index)]));
}

/** Counts a close position from the top and lowers the voice with that number by an octave. */
export function drop(stack: DegreeStack, voiceFromTop: number): DegreeStack {
  const dropped = stack.tones.length - voiceFromTop;
  const tones = stack.tones.map((tone, index) =>
    index === dropped ? { ...tone, height: semitones(tone.height - 12) } : tone,
  );
  return withInversion(tones.sort((a, b) => a.height - b.height));
}

function withInversion(tones: DegreeStack['tones']): DegreeStack {
  const inversion = inversionOf(tones[0]?.degree ?? 'R');
  return inversion === undefined ? { tones } : { tones, inversion };
}

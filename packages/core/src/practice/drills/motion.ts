import { waysToFit } from '../../connect/base/match';
import type { Voicing } from '../../voicing/base/types';

/**
 * Half steps from one grip to another: voice by voice, in order; of unequal sizes the best way to pair them, the spare
 * voices free.
 * @example from C E G to C F A: 3
 */
export function halfSteps(from: Voicing, to: Voicing): number {
  const [few, many] = [from, to].sort((a, b) => a.notes.length - b.notes.length);
  const ways = waysToFit(few!.notes.length, many!.notes.length);
  const sums = ways.map((way) =>
    way.reduce(
      (sum, place, voice) => sum + Math.abs(few!.notes[voice]!.midi - many!.notes[place]!.midi),
      0,
    ),
  );
  return Math.min(...sums);
}

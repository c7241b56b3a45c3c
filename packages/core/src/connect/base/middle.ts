import type { Voicing } from '../../voicing/base/types';

/** Mean pitch of a voicing, as a MIDI note with fractions; none for a rest. */
export function middleOf({ notes }: Voicing): number | undefined {
  if (!notes.length) return undefined;
  let sum = 0;
  for (const { midi } of notes) sum += midi;
  return sum / notes.length;
}

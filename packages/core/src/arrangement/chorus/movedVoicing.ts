import type { Voicing } from '../../voicing/base/types';

/** Where a moved voicing is looked for when its own register does not hold it. */
const OCTAVES = [0, -12, 12];

/**
 * A voicing moved with its passage, among what may be played there: the same shape so many semitones on –
 * on strings on the same ones – or else the same pitches held in another way; an octave lower or higher
 * where the register leaves no room. `undefined` where none of that can be played.
 */
export function movedVoicing(
  voicing: Voicing,
  semitones: number,
  candidates: readonly Voicing[],
): Voicing | undefined {
  for (const octave of OCTAVES) {
    const sounding = candidates.filter((each) => isMoved(voicing, each, semitones + octave));
    const held = sounding.find((each) => sameStrings(voicing, each)) ?? sounding[0];
    if (held) return held;
  }
  return undefined;
}

const isMoved = (from: Voicing, to: Voicing, semitones: number): boolean =>
  from.notes.length === to.notes.length &&
  from.notes.every(({ midi }, voice) => to.notes[voice]!.midi === midi + semitones);

const sameStrings = (from: Voicing, to: Voicing): boolean =>
  from.notes.every(
    ({ string, hand }, voice) =>
      to.notes[voice]!.string === string && to.notes[voice]!.hand === hand,
  );

import { midi } from '../../base/units';
import { OCTAVES, shiftedBy } from '../instruments/shifted';
import type { Fretted, VoicedNote, Voicing } from '../base/types';
import { fretsLeft, openPitches } from './geometry';
import { heldOnStrings } from './held';
import { layOnStrings } from './layOnStrings';

/** Whether a note sounds as it is written on its string at its fret. */
export function soundsOnStrings(
  { midi: pitch, string = 0, fret = 0 }: VoicedNote,
  neck: Fretted,
): boolean {
  const open = openPitches(neck).at(-string);
  const onNeck = fret >= 0 && fret <= fretsLeft(neck);
  return onNeck && open !== undefined && open + fret === pitch;
}

/** The same grip along the neck, an octave off where it ends; else the same notes in another place. */
export function movedOnStrings(voicing: Voicing, by: number, neck: Fretted): Voicing | undefined {
  for (const octave of OCTAVES) {
    const grip = alongNeck(voicing, by + octave, neck);
    if (grip) return grip;
  }
  for (const octave of OCTAVES) {
    const grip = elsewhere(shiftedBy(voicing, by + octave), neck);
    if (grip) return grip;
  }
  return undefined;
}

/** The same strings, every fret so much higher; `undefined` where the neck or the hand has no such place. */
function alongNeck(voicing: Voicing, by: number, neck: Fretted): Voicing | undefined {
  const notes = voicing.notes.map((note) => ({
    ...note,
    midi: midi(note.midi + by),
    fret: (note.fret ?? 0) + by,
  }));
  return notes.every((note) => soundsOnStrings(note, neck))
    ? inReach({ ...voicing, notes }, neck)
    : undefined;
}

/** The same pitches on whatever strings they lie best. */
function elsewhere(voicing: Voicing, neck: Fretted): Voicing | undefined {
  const laid = layOnStrings(
    neck,
    voicing.notes.map((note) => note.midi),
  );
  if (!laid) return undefined;
  const notes = voicing.notes.map((note, voice) => ({ ...note, ...laid[voice]! }));
  return inReach({ ...voicing, notes }, neck);
}

function inReach(voicing: Voicing, neck: Fretted): Voicing | undefined {
  const held = heldOnStrings(voicing, neck);
  return held.ease === 'out of reach' && voicing.ease !== 'out of reach' ? undefined : held;
}

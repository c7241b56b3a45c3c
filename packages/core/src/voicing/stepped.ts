import type { Degree } from '../chord/degrees';
import { midi, pitchClass, type PitchClass } from '../base/units';
import { playingOf } from './playingOf';
import type { Instrument, VoicedNote, Voicing } from './base/types';

/** Voices as players count them, from the top down; the lowest has its own name, however many there are. */
export const VOICES = ['top', 'second', 'third', 'lowest'] as const;
export type VoiceName = (typeof VOICES)[number];

/** A move of a whole voicing along a scale. */
export interface Steps {
  readonly scale: readonly PitchClass[];
  /** Steps of the scale, up where above 0. */
  readonly by: number;
  /** The voice that stays; all move where it is left out. */
  readonly hold?: Degree;
  /** Where the voice that stays has to lie; anywhere where it is left out. */
  readonly voice?: VoiceName;
  /** The voices that move, all others staying. */
  readonly only?: readonly Degree[];
}

/** Every half step is a step of it. */
export const CHROMATIC: readonly PitchClass[] = Array.from({ length: 12 }, (_, at) =>
  pitchClass(at),
);

/**
 * A voicing with every voice, but for one that may be held, so many steps of a scale higher or lower, on the
 * same strings or under the same fingers. `undefined` where a note is not of the scale, where voices would meet or
 * cross, where the voice to be held does not sound, or where the hand does not reach. Degrees are left as they were.
 * Dm7 as D A C F holding its 5 on the scale of F6 and Edim7, one step up: E A C# G.
 */
export function stepped(
  voicing: Voicing,
  { scale, by, hold, voice, only }: Steps,
  instrument: Instrument,
): Voicing | undefined {
  const playing = playingOf(instrument);
  const named = hold === undefined ? (only ?? []) : [hold];
  const voices = named.map((each) => voicing.notes.findIndex(({ degree }) => degree === each));
  if (voices.includes(-1)) return undefined;
  if (voice && !voices.includes(positionOf(voice, voicing.notes.length))) return undefined;
  const stays = (at: number): boolean => voices.includes(at) === (only === undefined);
  const notes = voicing.notes.map((note, at) =>
    stays(at) ? note : movedNote(note, intervalTo(note.midi, scale, by)),
  );
  if (!notes.every((note) => note !== undefined && playing.sounds(note))) return undefined;
  const sounding = notes as VoicedNote[];
  if (!sounding.every(({ midi: pitch }, at) => at === 0 || pitch > sounding[at - 1]!.midi)) {
    return undefined;
  }
  const { family, ease } = voicing;
  const made = playing.hold({ family, notes: sounding, ease });
  return made.ease === 'out of reach' ? undefined : made;
}

/** Where a voice stands among so many, from the lowest; below 0 where there are not so many. */
const positionOf = (voice: VoiceName, voices: number): number =>
  voice === 'lowest' ? 0 : voices - 1 - VOICES.indexOf(voice);

/** Semitones from a pitch to the one so many steps of the scale away; none where it is not of the scale. */
function intervalTo(pitch: number, scale: readonly PitchClass[], by: number): number | undefined {
  const above = scale.map((each) => pitchClass(each - pitch) as number).sort((a, b) => a - b);
  if (above[0] !== 0) return undefined;
  const step = ((by % above.length) + above.length) % above.length;
  return above[step]! + 12 * Math.floor(by / above.length);
}

function movedNote(note: VoicedNote, by: number | undefined): VoicedNote | undefined {
  if (by === undefined) return undefined;
  const { midi: pitch, fret, degree, note: name, string } = note;
  const sounds = { midi: midi(pitch + by), degree, note: name };
  if (fret === undefined || string === undefined) return sounds;
  return fret + by < 0 ? undefined : { ...sounds, string, fret: fret + by };
}

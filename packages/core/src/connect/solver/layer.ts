import type { Voicing } from '../../voicing/types';
import type { Tone } from '../types';
import { lowestFret } from '../weighed';
import { countingSort } from './entries';

/**
 * The candidates of one chord, sorted out for the solver. On strings one sound – the same tones at the
 * same pitches – lies under the hand in several grips; all that the voices of a change cost is worked out
 * once for the sound. Kept in columns, one number for each sound or candidate.
 */
export interface Layer {
  readonly voicings: readonly Voicing[];
  /** Each tone at its pitch that any voice has. */
  readonly tones: readonly Tone[];
  /** The voices of sound `s`, from the top down, are `voices[first[s]]` up to `voices[first[s + 1]]`. */
  readonly first: Int32Array;
  /** Positions in `tones`. */
  readonly voices: Int32Array;
  /** How many voices the sounds have; silence has none and is left out. */
  readonly sizes: readonly number[];
  /** By sound: its intervals as one number. Two sounds of one shape are a block shift apart. */
  readonly shape: Float64Array;
  /** By sound: the pitch of the top voice, 0 for silence. */
  readonly top: Int32Array;
  /** By candidate. */
  readonly soundOf: Int32Array;
  /** The grips of sound `s` are the candidates `grips[starts[s]]` up to `grips[starts[s + 1]]`. */
  readonly starts: Int32Array;
  readonly grips: Int32Array;
  /** Where the index finger may stand: frets, 0 for open grips and on keys. */
  readonly places: Int32Array;
  /** By candidate, its position in `places`. */
  readonly placeOf: Int32Array;
}

export function layerOf(voicings: readonly Voicing[]): Layer {
  const { tones, spelt, first: begins } = spell(voicings);
  const soundAt = new Map<number | string, number>();
  const examples: number[] = [];
  const soundOf = new Int32Array(voicings.length);
  for (let candidate = 0; candidate < soundOf.length; candidate += 1) {
    const code = codeOf(spelt, begins[candidate]!, begins[candidate + 1]!, tones.length);
    let sound = soundAt.get(code);
    if (sound === undefined) {
      sound = examples.push(candidate) - 1;
      soundAt.set(code, sound);
    }
    soundOf[candidate] = sound;
  }
  const { order, starts } = countingSort(soundOf, examples.length);
  const sounds = examples.map((candidate) =>
    spelt.subarray(begins[candidate], begins[candidate + 1]),
  );
  return {
    voicings,
    tones,
    ...soundColumns(sounds, tones),
    soundOf,
    starts,
    grips: order,
    ...placesOf(voicings),
  };
}

/** The voices of all candidates as positions in a list of tones, each from the top down. */
function spell(voicings: readonly Voicing[]) {
  const first = new Int32Array(voicings.length + 1);
  voicings.forEach(({ notes }, candidate) => {
    first[candidate + 1] = first[candidate]! + notes.length;
  });
  const spelt = new Int32Array(first.at(-1)!);
  const tones: Tone[] = [];
  const byPitch: (number[] | undefined)[] = [];
  let at = 0;
  for (const { notes } of voicings) {
    for (let voice = notes.length - 1; voice >= 0; voice -= 1) {
      const { midi, degree } = notes[voice]!;
      const here = (byPitch[midi] ??= []);
      let tone = here.find((known) => tones[known]!.degree === degree);
      if (tone === undefined) {
        tone = tones.push({ midi, degree }) - 1;
        here.push(tone);
      }
      spelt[at] = tone;
      at += 1;
    }
  }
  return { tones, spelt, first };
}

/** Some voices as one number, or as text where there are too many tones for a number to be exact. */
function codeOf(spelt: Int32Array, begin: number, end: number, tones: number): number | string {
  const base = tones + 1;
  if (base ** (end - begin) > Number.MAX_SAFE_INTEGER) return spelt.subarray(begin, end).join(' ');
  let code = 0;
  for (let voice = begin; voice < end; voice += 1) code = code * base + spelt[voice]! + 1;
  return code;
}

/** Wider than any interval between neighbouring voices; eight voices of it fit a double exactly. */
const WIDEST = 128;

function soundColumns(sounds: readonly Int32Array[], tones: readonly Tone[]) {
  const first = new Int32Array(sounds.length + 1);
  const voices = new Int32Array(sounds.reduce((sum, { length }) => sum + length, 0));
  sounds.forEach((sound, at) => {
    voices.set(sound, first[at]);
    first[at + 1] = first[at]! + sound.length;
  });
  const pitch = (tone: number): number => tones[tone]!.midi;
  const shapeOf = (sound: Int32Array): number => {
    let code = sound.length;
    for (let voice = 1; voice < sound.length; voice += 1) {
      code = code * WIDEST + pitch(sound[voice - 1]!) - pitch(sound[voice]!);
    }
    return code;
  };
  const sizes = new Set(sounds.map(({ length }) => length));
  sizes.delete(0);
  return {
    first,
    voices,
    sizes: [...sizes],
    shape: Float64Array.from(sounds, shapeOf),
    top: Int32Array.from(sounds, (sound) => (sound.length ? pitch(sound[0]!) : 0)),
  };
}

function placesOf(voicings: readonly Voicing[]): Pick<Layer, 'places' | 'placeOf'> {
  const places: number[] = [];
  const placeAt: (number | undefined)[] = [];
  const placeOf = new Int32Array(voicings.length);
  voicings.forEach((voicing, candidate) => {
    const fret = lowestFret(voicing);
    placeOf[candidate] = placeAt[fret] ??= places.push(fret) - 1;
  });
  return { places: Int32Array.from(places), placeOf };
}

import type { Degree } from '../../chord/degrees';
import type { Midi } from '../../base/units';
import type { Voicing } from '../../voicing/base/types';
import type { Tone } from '../base/types';
import { lowestFret } from '../../voicing/base/lowestFret';

/**
 * The candidates of one chord, sorted out for the solver. On strings one sound – the same tones at the
 * same pitches – lies under the hand in several grips. All that the voices of a change cost hangs on the
 * sounds alone, and the way along the neck on where the hand stands; so a sound at one place of the neck
 * is a stance, and the grips of a stance differ in nothing but what they cost by themselves.
 * Kept in columns, one number for each sound, stance or candidate.
 */
export interface Layer {
  readonly voicings: readonly Voicing[];
  /** Each tone at its pitch that any voice has. */
  readonly tones: readonly Tone[];
  /** The voices of sound `s`, from the top down, are `voices[first[s]]` up to `voices[first[s + 1]]`. */
  readonly first: Int32Array;
  /** Positions in `tones`. */
  readonly voices: Int32Array;
  /** By the number of their voices; silence has none and is left out. */
  readonly bySize: ReadonlyMap<number, SoundsOfSize>;
  /** By sound: its intervals as one number. Two sounds of one shape are a block shift apart. */
  readonly shape: Float64Array;
  /** By sound: the pitch of the top voice, 0 for silence. */
  readonly top: Int32Array;
  /** By sound: a candidate that has it. */
  readonly example: Int32Array;
  /** By candidate. */
  readonly soundOf: Int32Array;
  readonly stanceOf: Int32Array;
  /** The stances of sound `s` are those from `stances[s]` up to `stances[s + 1]`. */
  readonly stances: Int32Array;
  /** By stance. */
  readonly stanceSound: Int32Array;
  /** By stance, a position in `places`. */
  readonly stancePlace: Int32Array;
  /** Where the index finger may stand: frets, 0 for open grips and on keys. */
  readonly places: Int32Array;
}

export interface SoundsOfSize {
  readonly sounds: Int32Array;
  /** By voice, from the top down: the tone that each of the sounds has there. */
  readonly voices: readonly Int32Array[];
}

const known = new WeakMap<readonly Voicing[], Layer>();

/** The layer of a list; it hangs on nothing else, so the same list has the very same layer. */
export function layerOf(voicings: readonly Voicing[]): Layer {
  const layer = known.get(voicings) ?? sortedOut(voicings);
  known.set(voicings, layer);
  return layer;
}

function sortedOut(voicings: readonly Voicing[]): Layer {
  const { tones, spelt, first } = spell(voicings);
  const { groupOf: soundOf, examples } = grouped(voicings.length, (candidate) =>
    codeOf(spelt, first[candidate]!, first[candidate + 1]!, tones.length),
  );
  const sounds = examples.map((candidate) =>
    spelt.subarray(first[candidate], first[candidate + 1]),
  );
  return {
    voicings,
    tones,
    ...soundColumns(sounds, tones),
    example: Int32Array.from(examples),
    soundOf,
    ...stanceColumns(voicings, soundOf, sounds.length),
  };
}

/** Numbers groups as they come: the group of each, and the first of each group. */
function grouped(count: number, codeOfEach: (at: number) => number | string) {
  const known = new Map<number | string, number>();
  const examples: number[] = [];
  const groupOf = new Int32Array(count);
  for (let at = 0; at < count; at += 1) {
    const code = codeOfEach(at);
    let group = known.get(code);
    if (group === undefined) {
      group = examples.push(at) - 1;
      known.set(code, group);
    }
    groupOf[at] = group;
  }
  return { groupOf, examples };
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
      spelt[at] = toneOf((byPitch[midi] ??= []), midi, degree, tones);
      at += 1;
    }
  }
  return { tones, spelt, first };
}

/** The position of a tone among all, where it is put if it is new. */
function toneOf(here: number[], midi: Midi, degree: Degree, tones: Tone[]): number {
  for (const known of here) if (tones[known]!.degree === degree) return known;
  const tone = tones.push({ midi, degree }) - 1;
  here.push(tone);
  return tone;
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
  const sizes = [...new Set(sounds.map(({ length }) => length))].filter((size) => size > 0);
  const ofSize = (size: number): SoundsOfSize => {
    const alike = Int32Array.from([...sounds.keys()].filter((at) => sounds[at]!.length === size));
    const voices = Array.from({ length: size }, (_, voice) =>
      alike.map((sound) => sounds[sound]![voice]!),
    );
    return { sounds: alike, voices };
  };
  return {
    first,
    voices,
    bySize: new Map(sizes.map((size) => [size, ofSize(size)])),
    shape: Float64Array.from(sounds, shapeOf),
    top: Int32Array.from(sounds, (sound) => (sound.length ? pitch(sound[0]!) : 0)),
  };
}

/** Stances are numbered sound by sound. */
function stanceColumns(voicings: readonly Voicing[], soundOf: Int32Array, sounds: number) {
  const { places, placeOf } = placesOf(voicings);
  const cellOf = new Int32Array(voicings.length);
  const stanceAt = new Int32Array(sounds * places.length).fill(UNTAKEN);
  for (let candidate = 0; candidate < cellOf.length; candidate += 1) {
    const cell = soundOf[candidate]! * places.length + placeOf[candidate]!;
    cellOf[candidate] = cell;
    stanceAt[cell] = 0;
  }
  const stances = new Int32Array(sounds + 1);
  const stanceSound: number[] = [];
  const stancePlace: number[] = [];
  for (let sound = 0; sound < sounds; sound += 1) {
    for (let place = 0; place < places.length; place += 1) {
      const cell = sound * places.length + place;
      if (stanceAt[cell] === UNTAKEN) continue;
      stanceAt[cell] = stanceSound.push(sound) - 1;
      stancePlace.push(place);
    }
    stances[sound + 1] = stanceSound.length;
  }
  return {
    places,
    stances,
    stanceOf: cellOf.map((cell) => stanceAt[cell]!),
    stanceSound: Int32Array.from(stanceSound),
    stancePlace: Int32Array.from(stancePlace),
  };
}

const UNTAKEN = -1;

/** The frets where the index finger may stand, as they come, and by candidate a position among them. */
function placesOf(voicings: readonly Voicing[]) {
  const places: number[] = [];
  const placeAt: (number | undefined)[] = [];
  const placeOf = new Int32Array(voicings.length);
  for (let candidate = 0; candidate < placeOf.length; candidate += 1) {
    const fret = lowestFret(voicings[candidate]!);
    placeOf[candidate] = placeAt[fret] ??= places.push(fret) - 1;
  }
  return { places: Int32Array.from(places), placeOf };
}

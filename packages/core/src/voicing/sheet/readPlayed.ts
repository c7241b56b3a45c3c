/**
 * What a handful of notes is as a chord: its degrees, the family it belongs to, what it lacks and what
 * does not belong. The way in for a player who finds voicings by ear and hand.
 */
import { DEGREES, semitonesOf, type Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import { pitchClassOf, spellFrom, type NoteName } from '../../pitch/spelling';
import { fail, ok, type Result } from '../../result';
import { midi, pitchClass } from '../../units';
import { families, familyOf } from '../families';
import { familyStacks } from '../familyStacks';
import { openPitches } from '../guitar/geometry';
import { degreeAt, materialOf, type Material } from '../material';
import { pitchName } from '../pitchName';
import { FEWEST_NOTES, thinned } from '../partial';
import { inversionOf } from '../stacks';
import type { FamilyId, Instrument, VoicedNote, Voicing } from '../types';
import { hold } from './hold';
import { layOnStrings } from './layOnStrings';

/** One note: on a guitar its string (1 = highest) and fret (0 = open), on keys its pitch. */
export type PlayedNote =
  { readonly string: number; readonly fret: number } | { readonly pitch: number };

export interface PlayedVoicing {
  readonly voicing: Voicing;
  /** Guide tones of the chord that do not sound. */
  readonly missing: readonly Degree[];
  /** Notes that are neither in the chord nor among its tensions. */
  readonly outside: readonly VoicedNote[];
}

const MOST_NOTES = 12;

/**
 * Reads notes as one chord. Fails, with a sentence for the player, where there are no notes or too many,
 * where a string has two, or where the instrument has no such place.
 * @example readPlayed(chord('A7'), [{ string: 6, fret: 5 }, { string: 4, fret: 5 }, { string: 3, fret: 6 }], defaultGuitar)
 */
export function readPlayed(
  chord: PitchedChord,
  played: readonly PlayedNote[],
  instrument: Instrument,
): Result<PlayedVoicing, string> {
  const problem = problemOf(played, instrument);
  if (problem) return fail(problem);
  const sounding = soundingNotes(played, instrument);
  if (!sounding) return fail('These notes do not lie on this guitar all at once.');
  const material = materialOf(chord, { room: EVERYTHING, tensions: 'available' });
  const root = pitchClassOf(chord.root);
  const rising = sounding.sort((a, b) => a.midi - b.midi);
  const heights = rising.map((note) => note.midi - root);
  const known = knownForm(heights, material);
  const degrees = known?.degrees ?? heights.map((height) => degreeAt(material, height));
  const notes = rising.map((note, voice): VoicedNote => {
    const degree = degrees[voice]!;
    return { ...note, midi: midi(note.midi), degree, note: noteName(chord, degree) };
  });
  const inversion = inversionOf(degrees[0]!);
  const voicing: Voicing = {
    family: known?.family ?? (isColour(degrees, material) ? 'colour' : 'own'),
    ...(inversion === undefined ? {} : { inversion }),
    ...(known?.without ? { without: known.without } : {}),
    notes,
    ease: 'easy',
  };
  const belongs = new Set([...material.degrees, ...material.tensions, ...(known?.degrees ?? [])]);
  return ok({
    voicing: hold(voicing, instrument),
    missing: chord.guideTones.filter((degree) => !degrees.includes(degree)),
    outside: notes.filter(({ degree }) => !belongs.has(degree)),
  });
}

/** Notes are read as they are, whatever the room would leave to others. */
const EVERYTHING = { roots: true, others: { bass: true, soloist: false, chords: false } };

function problemOf(played: readonly PlayedNote[], instrument: Instrument): string | undefined {
  if (!played.length) return 'Play at least one note.';
  if (played.length > MOST_NOTES) return `A voicing has at most ${MOST_NOTES} notes.`;
  for (const note of played) {
    const problem =
      'pitch' in note ? offTheKeys(note.pitch, instrument) : offTheNeck(note, instrument);
    if (problem) return problem;
  }
  const places = played.map((note) =>
    'pitch' in note ? `key ${note.pitch}` : `string ${note.string}`,
  );
  const twice = places.find((place, at) => places.indexOf(place) !== at);
  return twice && `There are two notes on ${twice}; it sounds one at a time.`;
}

function offTheKeys(pitch: number, instrument: Instrument): string | undefined {
  if (instrument.kind !== 'keyboard') return undefined;
  const { lowest, highest } = instrument;
  if (pitch >= lowest && pitch <= highest) return undefined;
  return `${pitchName(pitch)} is off the keyboard, which goes from ${pitchName(lowest)} to ${pitchName(highest)}.`;
}

function offTheNeck(
  { string, fret }: { readonly string: number; readonly fret: number },
  instrument: Instrument,
): string | undefined {
  if (instrument.kind !== 'guitar') return undefined;
  const { tuning, frets, capo } = instrument;
  if (string >= 1 && string <= tuning.length && fret >= 0 && fret <= frets - capo) return undefined;
  return `There is no fret ${fret} on string ${string}: this guitar has ${tuning.length} strings and ${frets - capo} frets.`;
}

interface Sounding {
  readonly midi: number;
  readonly string?: number;
  readonly fret?: number;
}

/** What sounds and where; pitches alone are laid on the strings of a guitar. */
function soundingNotes(
  played: readonly PlayedNote[],
  instrument: Instrument,
): Sounding[] | undefined {
  const pitches = played.flatMap((note) => ('pitch' in note ? [note.pitch] : []));
  if (instrument.kind === 'keyboard') return pitches.map((midi) => ({ midi }));
  const placed = played.flatMap((note) => ('pitch' in note ? [] : [note]));
  const laid = pitches.length ? layOnStrings(instrument, pitches) : [];
  if (!laid) return undefined;
  const open = openPitches(instrument);
  return [...placed, ...laid].map(({ string, fret }) => ({
    midi: open.at(-string)! + fret,
    string,
    fret,
  }));
}

function noteName({ root, tones }: PitchedChord, degree: Degree): NoteName {
  const { letterSteps, semitones } = DEGREES[degree];
  const own = tones.find((tone) => tone.degree === degree);
  return own?.note ?? spellFrom(root, letterSteps, semitones);
}

interface KnownForm {
  readonly family: FamilyId;
  readonly degrees: readonly Degree[];
  readonly without?: readonly Degree[];
}

/** The first family with a form that sounds so, whole or with its least needed tone left out. */
function knownForm(heights: readonly number[], material: Material): KnownForm | undefined {
  if (heights.length < FEWEST_NOTES) return undefined;
  const shape = shapeOf(heights);
  for (const leftOut of [0, 1]) {
    for (const { id, of } of families) {
      if (of.kind !== 'stacks') continue;
      for (const stack of familyStacks(of, material)) {
        if (stack.tones.length - leftOut !== heights.length) continue;
        const { tones, without } = leftOut ? thinned(stack, material, heights.length) : stack;
        if (shapeOf(tones.map(({ height }) => height)) !== shape) continue;
        const degrees = tones.map(({ degree }) => degree);
        return without ? { family: id, degrees, without } : { family: id, degrees };
      }
    }
  }
  return undefined;
}

/** Which pitch is lowest, whatever its octave, and how far the others lie above it. */
const shapeOf = (heights: readonly number[]): string =>
  [pitchClass(heights[0]!), ...heights.map((height) => height - heights[0]!)].join(' ');

function isColour(heard: readonly Degree[], material: Material): boolean {
  const { of } = familyOf('colour');
  if (of.kind !== 'pool') return false;
  const { degrees, needed, fewest, most } = of.pool(material);
  const apart = new Set(heard.map(semitonesOf)).size === heard.length;
  const enough = heard.length >= fewest && heard.length <= most;
  const belong = heard.every((degree) => degrees.includes(degree));
  return apart && enough && belong && needed.every((degree) => heard.includes(degree));
}

/**
 * What a handful of notes is as a chord: its degrees, the family it belongs to, what it lacks and what
 * does not belong. The way in for a player who finds voicings by ear and hand.
 */
import { DEGREES, semitonesOf, type Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import { pitchClassOf, spellFrom, type NoteName } from '../../pitch/spelling';
import { ok, type Result } from '../../base/result';
import { midi, pitchClass } from '../../base/units';
import { families, familyOf } from '../families';
import { familyStacks } from '../familyStacks';
import { holdsEnough } from '../families/holdsEnough';
import type { PlayedNote } from '../instruments/played';
import { playingOf } from '../playingOf';
import { degreeAt, materialOf, type Material } from '../base/material';
import { FEWEST_NOTES, thinned } from '../base/partial';
import { inversionOf } from '../base/stacks';
import type { FamilyId, Instrument, VoicedNote, Voicing } from '../base/types';

export interface PlayedVoicing {
  readonly voicing: Voicing;
  /** Guide tones of the chord that do not sound. */
  readonly missing: readonly Degree[];
  /** Notes that are neither in the chord nor among its tensions. */
  readonly outside: readonly VoicedNote[];
}

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
  const playing = playingOf(instrument);
  const result = playing.read(played);
  if (!result.ok) return result;
  const material = materialOf(chord, { room: EVERYTHING, tensions: 'available' });
  const root = pitchClassOf(chord.root);
  const rising = [...result.value].sort((a, b) => a.midi - b.midi);
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
    voicing: playing.hold(voicing),
    missing: chord.guideTones.filter((degree) => !degrees.includes(degree)),
    outside: notes.filter(({ degree }) => !belongs.has(degree)),
  });
}

/** Notes are read as they are, whatever the room would leave to others. */
const EVERYTHING = { roots: true, others: { bass: true, soloist: false, chords: false } };

export function noteName({ root, tones }: PitchedChord, degree: Degree): NoteName {
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
  if (of.kind !== 'free') return false;
  const choice = of.choice(material);
  const { degrees, fewest, most } = choice;
  const apart = new Set(heard.map(semitonesOf)).size === heard.length;
  const enough = heard.length >= fewest && heard.length <= most;
  const belong = heard.every((degree) => degrees.includes(degree));
  return apart && enough && belong && holdsEnough(choice, heard);
}

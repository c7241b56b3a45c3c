import type { PitchedChord } from '../../chord/types';
import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import type { Pool, School } from '../base/types';
import { parentOf, scaleNotes, type ScaleName } from '../../chord/scales';

type ScaleOnRoot = Omit<Pool, 'when' | 'school'>;

/** Every scale on every root that was asked for: a few hundred at the most, and an analysis asks for thousands. */
const known = new Map<string, ScaleOnRoot>();

function scaleOn(root: NoteName, scale: ScaleName): ScaleOnRoot {
  const name = `${root} ${scale}`;
  const before = known.get(name);
  if (before) return before;
  const parent = parentOf(root, scale);
  const made = Object.freeze({
    ...{ name, root, scale },
    notes: Object.freeze(scaleNotes(root, scale)),
    ...(parent && { parent }),
  });
  known.set(name, made);
  return made;
}

export const poolOf = (root: NoteName, scale: ScaleName, when: string, school: School): Pool => ({
  ...scaleOn(root, scale),
  when,
  school,
});

/**
 * Whether a pool has every tone of a chord: one that lacks a tone has its neighbour instead, and contradicts
 * it. A natural fifth may be missing: on a dominant the altered scale takes its place.
 */
export function holds(pool: Pick<Pool, 'notes'>, { tones }: PitchedChord): boolean {
  const pitches = pitchesOf(pool.notes);
  return tones.every(({ degree, note }) => degree === '5' || pitches.has(pitchClassOf(note)));
}

export const pitchesOf = (notes: readonly NoteName[]): Set<number> =>
  new Set(notes.map((note) => pitchClassOf(note)));

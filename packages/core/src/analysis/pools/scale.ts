import type { PitchedChord } from '../../chord/types';
import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import type { Pool, School } from '../base/types';
import { parentOf, scaleNotes, type ScaleName } from '../../chord/scales';

export function poolOf(root: NoteName, scale: ScaleName, when: string, school: School): Pool {
  const parent = parentOf(root, scale);
  const pool = {
    name: `${root} ${scale}`,
    root,
    scale,
    notes: scaleNotes(root, scale),
    when,
    school,
  };
  return parent ? { ...pool, parent } : pool;
}

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

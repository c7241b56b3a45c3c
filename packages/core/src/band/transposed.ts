import { LOWEST_BASS } from './data';
import type { BandPlan } from './types';
import type { PlannedNote } from './types';

const OCTAVE = 12;

/**
 * A plan in another key: comp and solo moved, the bass too, but back up an octave where it would leave its
 * instrument. Drums and clicks stay.
 * @param semitones -11..11
 */
export function transposedPlan(plan: BandPlan, semitones: number): BandPlan {
  if (semitones === 0) return plan;
  const moved = (note: PlannedNote): PlannedNote => {
    if (note.part === 'drums' || note.part === 'click') return note;
    const midi = note.midi + semitones;
    const folded = note.part === 'bass' && midi < LOWEST_BASS ? midi + OCTAVE : midi;
    return { ...note, midi: folded };
  };
  return { ...plan, notes: plan.notes.map(moved) };
}

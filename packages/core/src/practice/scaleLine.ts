/**
 * Scales heard in time: eighths up and down through the scale of each chord, from one to the next by a step of the new
 * one, so that what changes is heard. Source: common practice.
 */
import { midi, pitchClass, ticks, type PitchClass } from '../base/units';
import { EIGHTH, TICKS_PER_QUARTER } from '../comp/base/time';
import type { SoloNote } from '../comp/solo/types';
import type { PitchRange } from '../voicing/base/types';

/** A stretch with one scale, in quarters from bar 1. */
export interface ScaleStretch {
  readonly at: number;
  readonly length: number;
  /** At least one; where nothing is kept the line rests, and goes on after it. */
  readonly pitches: readonly PitchClass[];
}

const VELOCITY = 76;

/** The line over some stretches in order of time, turning at the ends of the range. */
export function scaleLine(
  stretches: readonly ScaleStretch[],
  { low, high }: PitchRange,
): SoloNote[] {
  const notes: SoloNote[] = [];
  let [pitch, step] = [low - 1, 1];
  for (const { at, length, pitches } of stretches) {
    const begin = Math.round(at * TICKS_PER_QUARTER);
    const count = Math.floor((length * TICKS_PER_QUARTER) / EIGHTH);
    for (let eighth = 0; eighth < count; eighth += 1) {
      let next = nextIn(pitches, pitch, step);
      if (next < low || next > high) {
        step = -step;
        next = nextIn(pitches, pitch, step);
      }
      pitch = next;
      notes.push({
        midi: midi(pitch),
        at: ticks(begin + eighth * EIGHTH),
        length: EIGHTH,
        velocity: VELOCITY,
      });
    }
  }
  return notes;
}

/** The nearest pitch of a scale above or below another. */
function nextIn(pitches: readonly PitchClass[], from: number, step: number): number {
  let next = from + step;
  while (!pitches.includes(pitchClass(next))) next += step;
  return next;
}

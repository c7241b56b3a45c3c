import { diatonicChords, type DiatonicChord } from '../analysis/diatonic';
import { pitchClassOf, type NoteName } from '../pitch/spelling';
import { pitchClass } from '../base/units';
import type { PitchRange } from '../voicing/base/types';
import type { DeviceChord, MovedChord } from './types';

/** A chord of a stretch before it is placed. */
export type Part = Omit<MovedChord, 'at' | 'length'>;

/** Parts one after the other, each so many quarters long. */
export function inARow(parts: readonly (readonly [part: Part, length: number])[]): MovedChord[] {
  let at = 0;
  return parts.map(([part, length]) => {
    const placed = { ...part, at, length };
    at += length;
    return placed;
  });
}

/** The last parts take one step each, the first what is left of the stretch. */
export const steppingOut = (parts: readonly Part[], length: number, step: number): MovedChord[] =>
  inARow(
    parts.map((part, position) => [
      part,
      position === 0 ? length - (parts.length - 1) * step : step,
    ]),
  );

/** The steps that chords may take at the end of a stretch, in quarters: beats, or eighths where it is short. */
const STEPS = [1, 0.5];

/** The longest step by which so many chords follow a first one that keeps at least a beat. */
export const stepFor = (chords: number, length: number): number | undefined =>
  STEPS.find((step) => length - chords * step >= 1);

/** The chords of the key a chord stands in, and its own place among them; none where it is no chord of it. */
export function inItsKey({ chord, analysis }: DeviceChord) {
  const scale = diatonicChords(shortKey(analysis.key));
  if (chord.kind === 'no chord') return undefined;
  const above = pitchClass(pitchClassOf(chord.root) - pitchClassOf(scale[0]!.root));
  const place = scale.findIndex(({ semitones }) => semitones === above);
  return place < 0 ? undefined : { scale, place };
}

/** `Eb` of `Eb major`, `Cm` of `C minor`. */
export function shortKey(key: string): string {
  const [tonic = 'C', mode] = key.split(' ');
  return mode === 'minor' ? `${tonic}m` : tonic;
}

export const symbolOf = ({ root, seventh }: DiatonicChord): string => `${root}${seventh}`;

/** How high in a register a note on top is heard well. Source: our own judgement. */
const ON_TOP = 0.75;

/** Where a note that stays on top stands: one place, so that it does stay; the one nearest to where it is heard well. */
export function heldOnTop(note: NoteName, { low, high }: PitchRange): number[] {
  const wanted = low + ON_TOP * (high - low);
  return Array.from({ length: high - low + 1 }, (_, at) => low + at)
    .filter((pitch) => pitchClass(pitch) === pitchClassOf(note))
    .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))
    .slice(0, 1);
}

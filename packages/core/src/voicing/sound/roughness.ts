import { CURVE, TIMBRE } from './data';

/** Frequency of a MIDI note in Hz: A4 = 69 = 440 Hz (ISO 16), equal temperament. */
export const frequencyOf = (pitch: number): number => 440 * 2 ** ((pitch - 69) / 12);

/** Roughness of two sine tones of the given frequencies in Hz, for amplitudes of one. */
function ofSines(low: number, high: number): number {
  const scale = CURVE.peak / (CURVE.slope * low + CURVE.offset);
  const distance = scale * (high - low);
  return Math.exp(-CURVE.slow * distance) - Math.exp(-CURVE.fast * distance);
}

/** Roughness between the harmonics of one tone and those of another. */
function between(a: number, b: number): number {
  const [low, high] = [frequencyOf(a), frequencyOf(b)];
  let sum = 0;
  for (let m = 1; m <= TIMBRE.harmonics; m += 1) {
    for (let n = 1; n <= TIMBRE.harmonics; n += 1) {
      const [x, y] = [m * low, n * high];
      sum += TIMBRE.decay ** (m + n - 2) * ofSines(Math.min(x, y), Math.max(x, y));
    }
  }
  return sum;
}

const PITCHES = 128;
const remembered = new Float64Array(PITCHES * PITCHES).fill(-1);

/** The half step on middle C is the measure. */
const unit = between(60, 61);

/** A pair never changes, so it is worked out once. */
function ofPair(a: number, b: number): number {
  const index = a * PITCHES + b;
  if (remembered[index]! < 0) remembered[index] = between(a, b) / unit;
  return remembered[index]!;
}

/**
 * Sensory roughness of pitches sounding together: 0 for one alone, 1 for the half step on middle C. Sums
 * over all pairs, so that more notes are rougher. Source: see CURVE.
 * @param pitches MIDI notes 0..127, low to high
 * @example roughness([60, 61]) // 1
 */
export function roughness(pitches: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < pitches.length; i += 1) {
    for (let j = i + 1; j < pitches.length; j += 1) sum += ofPair(pitches[i]!, pitches[j]!);
  }
  return sum;
}

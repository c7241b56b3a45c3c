import { partSound, type InstrumentId, type Part } from '@drop-close/core';

/** Web Audio renders in blocks of so many samples (Web Audio API 1.0), and the synthesiser begins notes at a block. */
const BLOCK = 128;

/**
 * When a note has to be asked for so that it is heard at a time: half a block early, since it begins with the
 * next block, and as much as its sound takes to speak.
 * @param at in seconds on the audio clock
 */
export function askedAt(
  at: number,
  sampleRate: number,
  part: Part,
  instrument: InstrumentId,
): number {
  return at - BLOCK / 2 / sampleRate - partSound(part, instrument).onset;
}

import { voiceOf, type InstrumentId, type Part } from '@drop-close/core';

/** Web Audio renders in blocks of so many samples (Web Audio API 1.0), and the synthesiser begins notes at a block. */
const BLOCK = 128;

/** How long after its note-on each sound of the band is heard, in seconds: measured in an offline render. */
const ONSETS: Readonly<Record<Exclude<Part, 'comp'>, number>> = {
  bass: 0.0021,
  solo: 0.0006,
  drums: 0,
  click: 0,
};

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
  const onset = part === 'comp' ? voiceOf(instrument).onset : ONSETS[part];
  return at - BLOCK / 2 / sampleRate - onset;
}

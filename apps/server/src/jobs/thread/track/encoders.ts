import type { TrackFormat } from '@drop-close/core';
import { wavData, wavHeader } from './wav';

/** Turns samples into bytes of a file, as they come. */
export interface Encoder {
  /** Bytes before any sample. */
  readonly begin: () => Uint8Array;
  /** Both as long; samples from -1 to 1. */
  readonly encode: (left: Float32Array, right: Float32Array) => Uint8Array;
  /** What is left at the end. */
  readonly end: () => Uint8Array;
}

/** From -1, small, to 10, large; about 96 kbit a second. Source: Vorbis I. */
const QUALITY = 3;
const NONE = new Uint8Array(0);

export async function encoderOf(
  format: TrackFormat,
  frames: number,
  rate: number,
): Promise<Encoder> {
  if (format === 'wav') {
    return { begin: () => wavHeader(frames, rate), encode: wavData, end: () => NONE };
  }
  const { createOggEncoder } = await import('wasm-media-encoders');
  const encoder = await createOggEncoder();
  encoder.configure({ channels: 2, sampleRate: rate, vbrQuality: QUALITY });
  // The encoder gives out its own memory, which it writes over.
  return {
    begin: () => NONE,
    encode: (left, right) => Uint8Array.from(encoder.encode([left, right])),
    end: () => Uint8Array.from(encoder.finalize()),
  };
}

/**
 * Renders a practice track, in a thread of its own: composes what was asked for, plays it through the synthesiser second by
 * second, and hands out the bytes of the file as they come. Cost: about a tenth of the time the track lasts.
 */
import 'reflect-metadata';
import {
  BAND_GAIN_DB,
  compositionOf,
  createConnector,
  createTuneReader,
  roomFor,
  softened,
  trackOf,
  type Track,
} from '@drop-close/core';
import type { MessagePort } from 'node:worker_threads';
import { questionOf, type AskedTrack } from '../asked';
import { encoderOf } from './encoders';
import { bandFor, BLOCK, eventsOf } from './sounding';

export interface RenderTask {
  readonly asked: AskedTrack;
  /** The sounds of the band, a file. */
  readonly bank: string;
  /** Takes `Rendered` messages. */
  readonly port: MessagePort;
}

/** What comes while a track is rendered. */
export interface Rendered {
  readonly bytes: Uint8Array;
  /** 0..1. */
  readonly progress: number;
}

/** What came of it. */
export type RenderOutcome =
  | { readonly ok: true; readonly seconds: number }
  | { readonly ok: false; readonly problem: string };

/** Samples a second. */
export const RATE = 44_100;
/** About a second, in whole blocks. */
const CHUNK = 345 * BLOCK;
const GAIN = 10 ** (BAND_GAIN_DB / 20);

export default async function renderTrack({
  asked,
  bank,
  port,
}: RenderTask): Promise<RenderOutcome> {
  const composition = compositionOf(
    questionOf(asked),
    createTuneReader()(asked.tune),
    createConnector(),
  );
  const made = trackOf(composition, asked.tune.key, asked.wish);
  if (!made.ok) return made;
  const track = made.value;
  const frames = Math.ceil(track.seconds * RATE);
  const encoder = await encoderOf(asked.wish.format, frames, RATE);
  const hand = (bytes: Uint8Array, done: number): void => {
    const message: Rendered = { bytes, progress: done / frames };
    port.postMessage(message, [bytes.buffer as ArrayBuffer]);
  };
  hand(encoder.begin(), 0);
  for await (const { left, right, done } of seconds(track, frames, bank)) {
    hand(encoder.encode(left, right), done);
  }
  hand(encoder.end(), frames);
  return { ok: true, seconds: track.seconds };
}

/** The sound of a track, about a second at a time. */
export async function* seconds(
  track: Track,
  frames: number,
  bank: string,
): AsyncGenerator<{
  readonly left: Float32Array;
  readonly right: Float32Array;
  readonly done: number;
}> {
  const synth = await bandFor(track, bank, RATE);
  const events = eventsOf(track, RATE);
  const addRoom = roomFor(RATE);
  let next = 0;
  for (let done = 0; done < frames;) {
    const count = Math.min(CHUNK, frames - done);
    const [left, right] = [new Float32Array(count), new Float32Array(count)];
    for (let at = 0; at < count; at += BLOCK) {
      for (; next < events.length && events[next]!.at <= done + at; next += 1) {
        const { channel, midi, velocity } = events[next]!;
        if (velocity) synth.noteOn(channel, midi, velocity);
        else synth.noteOff(channel, midi);
      }
      synth.process(left, right, at, Math.min(BLOCK, count - at));
    }
    addRoom(left, right);
    finish(left);
    finish(right);
    done += count;
    yield { left, right, done };
  }
}

/** As loud as the band is heard, no peak cut off. In place. */
function finish(samples: Float32Array): void {
  for (let at = 0; at < samples.length; at += 1) samples[at] = softened(samples[at]! * GAIN);
}

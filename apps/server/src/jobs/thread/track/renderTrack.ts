/**
 * Renders a practice track: composes what was asked for, plays it through the synthesiser second by
 * second, and hands out the bytes of the file as they come. Cost: about a tenth of the time the track lasts.
 */
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
import { questionOf, type AskedTrack, type JobOutcome } from '../../asked';
import type { Hand } from '../runJob';
import { encoderOf } from './encoders';
import { bandFor, BLOCK, eventsOf } from './sounding';

/** Samples a second. */
export const RATE = 44_100;
/** About a second, in whole blocks. */
const CHUNK = 345 * BLOCK;
const GAIN = 10 ** (BAND_GAIN_DB / 20);

export async function renderTrack(
  asked: AskedTrack,
  bank: string,
  hand: Hand,
): Promise<JobOutcome> {
  const composition = compositionOf(
    questionOf(asked),
    createTuneReader()(asked.tune),
    createConnector(),
  );
  const made = trackOf(composition, asked.tune.key, asked.wish);
  if (!made.ok) return { ok: false, problem: made.problem };
  const track = made.value;
  const frames = Math.ceil(track.seconds * RATE);
  const encoder = await encoderOf(asked.wish.format, frames, RATE);
  hand({ bytes: encoder.begin(), progress: 0 });
  for await (const { left, right, done } of seconds(track, frames, bank)) {
    hand({ bytes: encoder.encode(left, right), progress: done / frames });
  }
  hand({ bytes: encoder.end(), progress: 1 });
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

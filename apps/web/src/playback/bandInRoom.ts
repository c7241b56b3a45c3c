import { BAND_GAIN_DB, roomFor, softened } from '@drop-close/core';

/** Longer than the room is heard, in seconds. */
const RINGS = 1;
/** Sums up to so many times full scale are bent; what is louder is held there. */
const MOST = 4;
const POINTS = 8193;

/**
 * As loud as the band is heard, in its room, no peak cut off: the same as `renderTrack` on the server.
 * @returns where the band goes in
 */
export function bandInRoom(context: BaseAudioContext, output: AudioNode): AudioNode {
  const input = new GainNode(context, { gain: 10 ** (BAND_GAIN_DB / 20) / MOST });
  const peaks = new WaveShaperNode(context, { curve: peakCurve() });
  // Both sides are heard by one room; a mix to one channel halves them.
  const both = new GainNode(context, {
    ...{ gain: 2, channelCount: 1, channelCountMode: 'explicit' },
  });
  const room = new ConvolverNode(context, {
    ...{ buffer: echoesOf(context), disableNormalization: true },
  });
  input.connect(peaks);
  input.connect(both).connect(room).connect(peaks);
  peaks.connect(output);
  return input;
}

/** What comes back from the room when one clap is heard in it. */
function echoesOf(context: BaseAudioContext): AudioBuffer {
  const { sampleRate } = context;
  const [left, right] = [
    new Float32Array(sampleRate * RINGS),
    new Float32Array(sampleRate * RINGS),
  ];
  left[0] = 1;
  roomFor(sampleRate)(left, right);
  const buffer = new AudioBuffer({ length: right.length, sampleRate, numberOfChannels: 1 });
  // On the right nothing but the room is heard.
  buffer.copyToChannel(right, 0);
  return buffer;
}

/** The curve goes from -1 to 1: the band is brought so low before it. */
const peakCurve = (): Float32Array<ArrayBuffer> =>
  Float32Array.from({ length: POINTS }, (_, at) => softened(MOST * ((2 * at) / (POINTS - 1) - 1)));

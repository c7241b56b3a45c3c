/** A RIFF WAVE file of 16-bit stereo, piece by piece. Source: Multimedia Programming Interface and Data Specifications 1.0. */
const HEADER = 44;
const CHANNELS = 2;
const BYTES = 2;
const LARGEST = 32_767;

/** The first bytes of the file. @param frames in all */
export function wavHeader(frames: number, rate: number): Uint8Array {
  const data = frames * CHANNELS * BYTES;
  const view = new DataView(new ArrayBuffer(HEADER));
  const word = (at: number, text: string): void => {
    for (let each = 0; each < text.length; each += 1)
      view.setUint8(at + each, text.charCodeAt(each));
  };
  word(0, 'RIFF');
  view.setUint32(4, HEADER - 8 + data, true);
  word(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, CHANNELS, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * CHANNELS * BYTES, true);
  view.setUint16(32, CHANNELS * BYTES, true);
  view.setUint16(34, 8 * BYTES, true);
  word(36, 'data');
  view.setUint32(40, data, true);
  return new Uint8Array(view.buffer);
}

/** Samples from -1 to 1 as bytes, left and right by turns. */
export function wavData(left: Float32Array, right: Float32Array): Uint8Array {
  const samples = new Int16Array(left.length * CHANNELS);
  for (let at = 0; at < left.length; at += 1) {
    samples[at * CHANNELS] = Math.round(left[at]! * LARGEST);
    samples[at * CHANNELS + 1] = Math.round(right[at]! * LARGEST);
  }
  return new Uint8Array(samples.buffer);
}

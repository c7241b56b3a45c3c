/**
 * A small room round the band: the sound comes back from four walls and is blurred twice. The synthesiser's own reverb takes
 * longer than all the rest of the band. Source: M. R. Schroeder, "Natural Sounding Artificial Reverberation", J. Audio Eng.
 * Soc. 10 (1962): parallel comb filters and allpass filters in series; lengths and gains from memory, chosen by ear.
 */
const COMBS_MS = [29.7, 37.1, 41.1, 43.7];
const ALLPASSES_MS = [5, 1.7];
/** How long an echo takes to fall by 60 dB, in seconds. */
const DECAY_S = 0.7;
const ALLPASS_GAIN = 0.7;
/** How much of the room is heard, as a factor. */
const WET = 0.05;

interface Line {
  readonly memory: Float32Array;
  readonly gain: number;
  at: number;
}

const lineOf = (ms: number, rate: number, gain: number): Line => ({
  memory: new Float32Array(Math.round((ms / 1000) * rate)),
  ...{ gain, at: 0 },
});

/** Adds the room to what is played, block after block, in place. */
export function roomFor(rate: number): (left: Float32Array, right: Float32Array) => void {
  const combs = COMBS_MS.map((ms) => lineOf(ms, rate, 10 ** ((-3 * ms) / 1000 / DECAY_S)));
  const allpasses = ALLPASSES_MS.map((ms) => lineOf(ms, rate, ALLPASS_GAIN));
  return (left, right) => {
    for (let at = 0; at < left.length; at += 1) {
      const dry = left[at]! + right[at]!;
      let wet = 0;
      for (const line of combs) wet += echo(line, dry);
      for (const line of allpasses) wet = blur(line, wet);
      left[at] = left[at]! + wet * WET;
      right[at] = right[at]! + wet * WET;
    }
  };
}

function echo(line: Line, input: number): number {
  const { memory, gain, at } = line;
  const back = memory[at]!;
  memory[at] = input + back * gain;
  line.at = at + 1 === memory.length ? 0 : at + 1;
  return back;
}

function blur(line: Line, input: number): number {
  const { memory, gain, at } = line;
  const back = memory[at]!;
  const kept = input + back * gain;
  memory[at] = kept;
  line.at = at + 1 === memory.length ? 0 : at + 1;
  return back - kept * gain;
}

import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { SoundBankLoader, SpessaSynthProcessor } from 'spessasynth_core';

/**
 * The sounds that ship, rendered and measured: what is written as A4 must sound at 440 Hz (ISO 16), in
 * twelve-tone equal temperament, whatever the instrument.
 */
const RATE = 44_100;
const BANK = resolve(__dirname, '../../public/sound/band.sf3');
const PROGRAMS = { guitar: 26, 'electric piano': 4, bass: 32 };

async function render(
  program: number,
  midi: number,
  seconds: number,
  channel = 0,
): Promise<Float32Array> {
  const synth = new SpessaSynthProcessor(RATE);
  const bytes = new Uint8Array(readFileSync(BANK));
  synth.soundBankManager.addSoundBank(SoundBankLoader.fromArrayBuffer(bytes.buffer), 'band');
  await synth.processorInitialized;
  synth.programChange(channel, program);
  synth.noteOn(channel, midi, 90);
  const left = new Float32Array(Math.round(RATE * seconds));
  const right = new Float32Array(left.length);
  for (let at = 0; at < left.length; at += 128) {
    synth.process(left, right, at, Math.min(128, left.length - at));
  }
  return left;
}

/**
 * The fundamental by autocorrelation: the shortest lag whose correlation comes within 8% of the best,
 * refined by a parabola through its neighbours. Looks from 0.2 s on, past the attack.
 */
function fundamental(samples: Float32Array): number {
  const start = Math.round(0.2 * RATE);
  const window = 8192;
  const correlation = (lag: number): number => {
    let [sum, power] = [0, 0];
    for (let i = start; i < start + window; i += 1) {
      const [a, b] = [samples[i] ?? 0, samples[i + lag] ?? 0];
      sum += a * b;
      power += b * b;
    }
    return sum / Math.sqrt(power || 1);
  };
  const lags = Array.from({ length: 1300 }, (_, index) => correlation(index + 30));
  const best = Math.max(...lags);
  const peak = lags.findIndex(
    (value, i) => value > 0.92 * best && value >= (lags[i - 1] ?? 0) && value >= (lags[i + 1] ?? 0),
  );
  const [before, here, after] = [lags[peak - 1] ?? 0, lags[peak] ?? 0, lags[peak + 1] ?? 0];
  const shift = (before - after) / (2 * (before - 2 * here + after));
  return RATE / (peak + 30 + shift);
}

const cents = (a: number, b: number): number => 1200 * Math.log2(a / b);

describe.each(Object.entries(PROGRAMS))('the %s', (name, program) => {
  const notes = name === 'bass' ? [40, 45, 50] : [52, 57, 69];
  it.each(notes)('sounds MIDI note %i at 440·2^((n−69)/12) Hz within 12 cents', async (midi) => {
    const samples = await render(program, midi, 0.7);
    const expected = 440 * 2 ** ((midi - 69) / 12);
    expect(Math.abs(cents(fundamental(samples), expected))).toBeLessThan(12);
  });
});

it.each([
  ['ride', 51],
  ['hat', 44],
  ['stick of the count-in', 37],
])('the %s of the kit makes a sound', async (_, key) => {
  const struck = await render(32, key, 0.3, 9);
  expect(Math.max(...struck.map(Math.abs))).toBeGreaterThan(0.01);
});

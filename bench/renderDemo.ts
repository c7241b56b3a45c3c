/**
 * Renders every demo tune, voiced and connected, with its band and a soloist: on both instruments, at the
 * loudness a new player begins with and with everything turned up. Prints the highest peak of each; 1 is full scale, and a
 * tune that reaches it clips and fails the run.
 */
import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import {
  bandPlan,
  chorusOf,
  createConnector,
  defaultArrangement,
  parseChart,
  settingsOf,
  standInLine,
  voiceChorus,
  type BandPlan,
  voiceOf,
  type InstrumentId,
  type Kit,
  type Part,
} from '@drop-close/core';
import { SoundBankLoader, SpessaSynthProcessor } from 'spessasynth_core';
import { print } from './report';

const RATE = 22_050;
const BLOCK = 128;
const DEMO = resolve(__dirname, '../demo');
const BANK = resolve(__dirname, '../apps/web/public/sound/band.sf3');
const CHANNELS: Readonly<Record<Part, number>> = {
  comp: 0,
  bass: 1,
  solo: 2,
  drums: 9,
  click: 9,
};
const BASS = 32;
const TENOR = 66;
const KITS: Readonly<Record<Kit, number>> = { sticks: 32, brushes: 40 };
const VOLUME = 7;
const USUAL = { comp: 90, bass: 80, drums: 60, solo: 80 };
const LOUDEST = { comp: 100, bass: 100, drums: 100, solo: 100 };

interface Cue {
  readonly at: number;
  readonly sound: (synth: SpessaSynthProcessor) => void;
}

function cuesOf({ notes }: BandPlan, tempo: number): Cue[] {
  const seconds = 60 / tempo;
  return notes
    .flatMap(({ part, midi, at, length, velocity }): Cue[] => [
      {
        at: at * seconds,
        sound: (synth) => {
          synth.noteOn(CHANNELS[part], midi, velocity);
        },
      },
      {
        at: (at + length) * seconds,
        sound: (synth) => {
          synth.noteOff(CHANNELS[part], midi);
        },
      },
    ])
    .sort((a, b) => a.at - b.at);
}

async function peakOf(
  plan: BandPlan,
  tempo: number,
  instrument: InstrumentId,
  volumes: typeof USUAL,
): Promise<number> {
  const synth = new SpessaSynthProcessor(RATE);
  const bytes = new Uint8Array(readFileSync(BANK));
  synth.soundBankManager.addSoundBank(SoundBankLoader.fromArrayBuffer(bytes.buffer), 'band');
  await synth.processorInitialized;
  synth.programChange(CHANNELS.comp, voiceOf(instrument).program);
  synth.programChange(CHANNELS.bass, BASS);
  synth.programChange(CHANNELS.solo, TENOR);
  synth.programChange(CHANNELS.drums, KITS[plan.kit ?? 'sticks']);
  for (const part of ['comp', 'bass', 'drums', 'solo'] as const) {
    synth.controllerChange(CHANNELS[part], VOLUME, Math.round(volumes[part] * 1.27));
  }
  const cues = cuesOf(plan, tempo);
  const samples = Math.ceil((plan.length * 60 * RATE) / tempo / BLOCK) * BLOCK;
  const [left, right] = [new Float32Array(BLOCK), new Float32Array(BLOCK)];
  let peak = 0;
  let next = 0;
  for (let at = 0; at < samples; at += BLOCK) {
    while (next < cues.length && cues[next]!.at * RATE <= at) {
      cues[next]!.sound(synth);
      next += 1;
    }
    left.fill(0);
    right.fill(0);
    synth.process(left, right, 0, BLOCK);
    for (const sample of [...left, ...right]) peak = Math.max(peak, Math.abs(sample));
  }
  return peak;
}

async function main(): Promise<void> {
  for (const file of readdirSync(DEMO)
    .filter((name) => name.endsWith('.txt'))
    .sort()) {
    const { chart } = parseChart(readFileSync(resolve(DEMO, file), 'utf8'));
    const { title = file, tempo = 120, feel = 'swing' } = chart.header;
    for (const instrument of ['guitar', 'keyboard'] as const) {
      const chorus = chorusOf(chart);
      const setup = { ...defaultArrangement, instrument };
      const outcome = voiceChorus(createConnector(), chorus, settingsOf(setup, chorus), setup);
      if (outcome.status !== 'found') throw new Error(`${title}: ${outcome.why}`);
      const { timeline } = chorus;
      const line = standInLine({ timeline, density: 3, range: { low: 55, high: 84 }, seed: 1 });
      const band = (loudness: number): BandPlan =>
        bandPlan({
          ...{ timeline, path: outcome.path, feel, tempo, line },
          ...{ bass: 'by the feel', drums: 'by the feel' },
          barAt: () => ({ loudness, rests: [] }),
        });
      const usual = await peakOf(band(3), tempo, instrument, USUAL);
      const loudest = await peakOf(band(5), tempo, instrument, LOUDEST);
      print(`peak: ${title}, ${instrument}`, usual, 'of full scale');
      print(`peak: ${title}, ${instrument}, everything up`, loudest, 'of full scale');
      if (loudest >= 1) process.exitCode = 1;
    }
  }
}

void main();

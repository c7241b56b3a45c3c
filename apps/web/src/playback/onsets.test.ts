import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import {
  chorusOf,
  compBehind,
  compose,
  createConnector,
  bandPlan,
  defaultArrangement,
  swungLine,
  offbeatAt,
  parseChart,
  readSoloFile,
  type BandPlan,
  voiceOf,
  type InstrumentId,
  type PlannedNote,
} from '@drop-close/core';
import { SoundBankLoader, SpessaSynthProcessor } from 'spessasynth_core';
import { Scheduler } from './scheduler';
import { askedAt } from './speaking';

/**
 * What is scheduled against what is heard: comping behind the demo solos, handed over by the scheduler as in
 * the browser, rendered in the browser's blocks, and its onsets found in the samples.
 */
const RATE = 48_000;
const BLOCK = 128;
const ROOT = resolve(__dirname, '../../../..');
const BANK = readFileSync(resolve(__dirname, '../../public/sound/band.sf3'));

/** So many seconds of each are listened to for loudness and rests. */
const LONG_ENOUGH = 22;

/** So many hits of each loudness are compared. */
const ENOUGH = 8;

const TUNES = [
  ['01-bilge-lamp-blues', 'guitar'],
  ['04-half-past-the-tide', 'keyboard'],
  ['05-rope-and-ring', 'guitar'],
  ['01-bilge-lamp-blues', 'ukulele'],
] as const;

interface Sounded {
  readonly note: PlannedNote;
  readonly at: number;
  readonly until: number;
}

/** The comp of a tune behind its first demo solo, with the times at which the scheduler hands it over. */
function comped(file: string, instrument: InstrumentId) {
  const { chart } = parseChart(readFileSync(resolve(ROOT, `demo/${file}.txt`), 'utf8'));
  const { feel = 'swing', tempo = 120 } = chart.header;
  const solo = readSoloFile(readFileSync(resolve(ROOT, `demo/solos/${file}-a.mid`)));
  if (!solo.ok) throw new Error(solo.problem);
  const chorus = chorusOf(chart);
  const offbeat = offbeatAt(feel, tempo, 100);
  const line = swungLine(solo.value.line, chorus.timeline, chorus.timeline, offbeat);
  const arrangement = { ...defaultArrangement, instrument };
  const { comp } = arrangement;
  const request = { connector: createConnector(), arrangement, comp, chorus, line, offbeat };
  const made = compBehind({ ...request, feel, seed: 1 });
  const { choruses, voiced, sounding } = compose({ ...request, comp: made.comp });
  if (voiced.status !== 'found') throw new Error(voiced.why);
  const { timeline } = choruses;
  const plan = bandPlan({ timeline, path: voiced.path, feel, tempo, sounding, offbeat });
  const own = { ...plan, notes: plan.notes.filter(({ part }) => part === 'comp') };
  return { notes: scheduled(own, tempo), sounding, tempo };
}

function scheduled(plan: BandPlan, tempo: number): Sounded[] {
  const sounded: Sounded[] = [];
  const output = {
    play: (note: PlannedNote, at: number, until: number) => sounded.push({ note, at, until }),
    end: () => undefined,
  };
  const scheduler = new Scheduler(plan, 0.5, tempo, false, output);
  const end = 1 + (plan.length * 60) / tempo;
  for (let now = 0; now < end; now += 0.025) scheduler.tick(now);
  return sounded;
}

/** Rendered from one block on for so many seconds; time 0 is at the beginning of the music. */
async function render(
  notes: readonly Sounded[],
  instrument: InstrumentId,
  fromBlock: number,
  seconds: number,
): Promise<Float32Array> {
  const synth = new SpessaSynthProcessor(RATE);
  const bytes = new Uint8Array(BANK);
  synth.soundBankManager.addSoundBank(SoundBankLoader.fromArrayBuffer(bytes.buffer), 'band');
  await synth.processorInitialized;
  synth.programChange(0, voiceOf(instrument).program);
  const start = (fromBlock * BLOCK) / RATE;
  for (const { note, at, until } of notes) {
    const time = askedAt(at, RATE, 'comp', instrument) - start;
    synth.processMessage([0x90, note.midi, note.velocity], 0, { time });
    synth.processMessage([0x80, note.midi, 0], 0, { time: until - start });
  }
  const left = new Float32Array(Math.ceil((seconds * RATE) / BLOCK) * BLOCK);
  const right = new Float32Array(left.length);
  for (let at = 0; at < left.length; at += BLOCK) synth.process(left, right, at, BLOCK);
  return left;
}

const peakIn = (samples: Float32Array, from: number, to: number): number => {
  let peak = 0;
  for (let at = Math.max(0, Math.round(from)); at < Math.min(samples.length, to); at += 1) {
    peak = Math.max(peak, Math.abs(samples[at]!));
  }
  return peak;
};

/** The first sample that is heard: 46 dB below the attack, out of silence. */
function onset(samples: Float32Array): number {
  const threshold = peakIn(samples, 0, samples.length) / 200;
  return samples.findIndex((sample) => Math.abs(sample) >= threshold);
}

/** Rests that were listened to; a ballad has none of a second. */
let rests = 0;

describe.each(TUNES)('%s on %s, rendered', (file, instrument) => {
  const { notes, sounding } = comped(file, instrument);
  const hits = sounding.filter(({ hit }) => hit.touch === 'plain');
  const moments = [...new Set(notes.map(({ at }) => at))].sort((a, b) => a - b);

  it('has every hit at its time', () => {
    expect(moments).toHaveLength(hits.length);
  });

  it('begins each hit within a block of the audio, 2.7 ms, of its scheduled time', async () => {
    for (const moment of moments) {
      const chord = notes.filter(({ at }) => at === moment);
      const fromBlock = Math.floor(((moment - 0.03) * RATE) / BLOCK);
      const samples = await render(chord, instrument, fromBlock, 0.09);
      const heard = (fromBlock * BLOCK + onset(samples)) / RATE;
      expect(Math.abs(heard - moment)).toBeLessThanOrEqual(BLOCK / RATE);
    }
  }, 60_000);

  it('is as loud as it should be and silent where it rests', async () => {
    const heard = notes.filter(({ at }) => at < LONG_ENOUGH);
    const samples = await render(heard, instrument, 0, LONG_ENOUGH);
    const loudest = peakIn(samples, 0, samples.length);
    expect(loudest).toBeGreaterThan(0.05);
    expect(loudest).toBeLessThan(1);
    const begun = moments.filter((moment) => moment < LONG_ENOUGH);
    begun.slice(1).forEach((next, at) => {
      const over = Math.max(
        ...heard.flatMap((each) => (each.at <= begun[at]! ? [each.until] : [])),
      );
      if (next - over < 1) return;
      rests += 1;
      expect(peakIn(samples, (over + 0.7) * RATE, (next - 0.02) * RATE)).toBeLessThan(loudest / 20);
    });
    for (const moment of begun) {
      expect(peakIn(samples, moment * RATE, (moment + 0.1) * RATE)).toBeGreaterThan(loudest / 12);
    }
  }, 60_000);

  it('still rings at the end of what is left to ring, and is over where a hit is short', async () => {
    const byMoment = new Map(moments.map((moment, at) => [moment, hits[at]!]));
    let [rung, cut] = [0, 0];
    for (const [moment, { hit }] of byMoment) {
      const chord = notes.filter(({ at }) => at === moment);
      const until = Math.max(...chord.map((each) => each.until));
      const lasts = until - moment;
      if (hit.hold === 'full' || (hit.hold === 'let ring' && lasts < 0.6)) continue;
      if (hit.hold === 'short' ? cut === 3 : rung === 4) continue;
      const fromBlock = Math.floor(((moment - 0.03) * RATE) / BLOCK);
      const samples = await render(chord, instrument, fromBlock, lasts + 0.9);
      const begin = moment * RATE - fromBlock * BLOCK;
      const attack = peakIn(samples, begin, begin + 0.1 * RATE);
      const end = begin + lasts * RATE;
      if (hit.hold === 'short') {
        cut += 1;
        expect(peakIn(samples, end + 0.7 * RATE, samples.length)).toBeLessThan(attack / 20);
      } else {
        rung += 1;
        expect(peakIn(samples, end - 0.06 * RATE, end)).toBeGreaterThan(attack / 40);
      }
    }
    expect(rung).toBeGreaterThan(0);
    expect(cut).toBeGreaterThan(0);
  }, 60_000);

  it('is softer where a hit is marked soft', async () => {
    const peaks = new Map<number, number[]>();
    for (const [position, moment] of moments.entries()) {
      const { hit } = hits[position]!;
      const loudness = hit.loudness ?? 3;
      if (hit.accent || peaks.get(loudness)?.length === ENOUGH) continue;
      const chord = notes.filter(({ at }) => at === moment);
      const fromBlock = Math.floor(((moment - 0.03) * RATE) / BLOCK);
      const samples = await render(chord, instrument, fromBlock, 0.15);
      const perNote = peakIn(samples, 0, samples.length) / Math.sqrt(chord.length);
      peaks.set(loudness, [...(peaks.get(loudness) ?? []), perNote]);
    }
    const mean = (loudness: number): number => {
      const all = peaks.get(loudness) ?? [];
      return all.reduce((sum, each) => sum + each, 0) / all.length;
    };
    expect(mean(2)).toBeLessThan(mean(3) * 0.95);
  }, 60_000);
});

it('has had rests to listen to', () => {
  expect(rests).toBeGreaterThan(3);
});

/**
 * How loud the band is: every demo tune on each instrument as a new player hears it, with a soloist, rendered by the parts of a
 * practice track and judged by Debian's ffmpeg (EBU R 128, ITU-R BS.1770). Prints the whole, its true peak, and each part beside
 * the one it is measured by. Run: scripts/bench loudness.
 */
import {
  BAND_GAIN_DB,
  compositionOf,
  createConnector,
  createTuneReader,
  defaultArrangement,
  defaultInstruments,
  INSTRUMENT_IDS,
  parseChart,
  softened,
  roomFor,
  standInLine,
  trackOf,
  type CompQuestion,
  type InstrumentId,
  type Part,
  type Track,
} from '@drop-close/core';
import { spawnSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { bandFor, BLOCK, eventsOf } from '../apps/server/src/jobs/thread/track/sounding';
import { print } from './report';

const RATE = 44_100;
const DEMO = resolve(__dirname, '../demo');
const BANK = resolve(__dirname, '../apps/web/public/sound/band.sf3');
const BAND = ['comp', 'bass', 'drums'] as const;
const HEARD = [...BAND, 'solo'] as const;

interface Stereo {
  readonly left: Float32Array;
  readonly right: Float32Array;
}

/** One part alone, in its room, before the loudness of the whole. */
async function stemOf(track: Track): Promise<Stereo> {
  const synth = await bandFor(track, BANK, RATE);
  const events = eventsOf(track, RATE);
  const addRoom = roomFor(RATE);
  const frames = Math.ceil((track.seconds * RATE) / BLOCK) * BLOCK;
  const [left, right] = [new Float32Array(frames), new Float32Array(frames)];
  let next = 0;
  for (let at = 0; at < frames; at += BLOCK) {
    for (; next < events.length && events[next]!.at <= at; next += 1) {
      const { channel, midi, velocity } = events[next]!;
      if (velocity) synth.noteOn(channel, midi, velocity);
      else synth.noteOff(channel, midi);
    }
    synth.process(left, right, at, BLOCK);
  }
  addRoom(left, right);
  const gain = 10 ** (BAND_GAIN_DB / 20);
  return { left: left.map((each) => each * gain), right: right.map((each) => each * gain) };
}

const sumOf = (stems: readonly Stereo[]): Stereo => {
  const frames = Math.max(...stems.map(({ left }) => left.length));
  const sum = (side: keyof Stereo): Float32Array =>
    new Float32Array(frames).map((_, at) =>
      stems.reduce((value, stem) => value + (stem[side][at] ?? 0), 0),
    );
  return { left: sum('left').map(softened), right: sum('right').map(softened) };
};

interface Judged {
  /** Integrated, in LUFS; minus infinity of silence. */
  readonly loudness: number;
  /** In dBTP. */
  readonly peak: number;
}

function judged({ left, right }: Stereo): Judged {
  const both = new Float32Array(left.length * 2);
  left.forEach((value, at) => {
    both[at * 2] = value;
    both[at * 2 + 1] = right[at]!;
  });
  const input = ['-f', 'f32le', '-ar', String(RATE), '-ac', '2', '-i', '-'];
  const { stderr } = spawnSync(
    'ffmpeg',
    ['-hide_banner', '-nostats', ...input, '-af', 'ebur128=peak=true', '-f', 'null', '-'],
    { input: Buffer.from(both.buffer), maxBuffer: 1e8 },
  );
  const summary = stderr.toString().split('Summary:')[1] ?? '';
  const figure = (name: string): number =>
    Number(
      new RegExp(`${name}:\\s+(-?[\\d.]+|-inf)`).exec(summary)?.[1]?.replace('-inf', '-Infinity'),
    );
  return { loudness: figure('I'), peak: figure('Peak') };
}

function compose(text: string, instrument: InstrumentId, withSolo: boolean) {
  const { header, meter } = parseChart(text).chart;
  const { key = 'C', feel = 'swing', tempo = 120, title = 'untitled' } = header;
  const places = { transposed: 0, sections: [] };
  const tune = { text, places, meter: `${meter.beats}/${meter.unit}`, key };
  const setup = { ...defaultArrangement, instrument };
  const asked: CompQuestion = { setup, instruments: defaultInstruments, tempo, feel };
  const reading = createTuneReader()(tune);
  const { timeline } = reading.chorus(setup);
  const range = { low: 55, high: 84 };
  const solo = { written: true, notes: standInLine({ timeline, density: 3, range, seed: 1 }) };
  const composition = compositionOf(
    { ...asked, ...(withSolo && { solo }) },
    reading,
    createConnector(),
  );
  const stem = (part: Part): Track => {
    const made = trackOf(composition, key, {
      ...{ heard: [part], keys: [0], times: 1, tempo, faster: 0, countIn: false, format: 'wav' },
    });
    if (!made.ok) throw new Error(made.problem);
    return made.value;
  };
  return { title, stem };
}

async function main(): Promise<void> {
  const only = process.argv[2];
  const files = readdirSync(DEMO).filter((name) => name.endsWith('.txt'));
  for (const instrument of INSTRUMENT_IDS) {
    if (only !== undefined && only !== instrument) continue;
    for (const file of files.sort()) {
      const text = readFileSync(resolve(DEMO, file), 'utf8');
      const { title, stem } = compose(text, instrument, false);
      const stems = await Promise.all(BAND.map((part) => stemOf(stem(part))));
      const band = judged(sumOf(stems));
      const [comp, bass, drums] = stems.map((each) => judged(each).loudness);
      const led = compose(text, instrument, true);
      const all = await Promise.all(HEARD.map((part) => stemOf(led.stem(part))));
      const whole = judged(sumOf(all));
      const [compUnder, , , solo] = all.map((each) => judged(each).loudness);
      const name = `${title}, ${instrument}`;
      print(`loudness: ${name}`, band.loudness, 'LUFS');
      print(`true peak: ${name}`, band.peak, 'dBTP');
      print(`comp over bass: ${name}`, comp! - bass!, 'LU');
      print(`comp over drums: ${name}`, comp! - drums!, 'LU');
      print(`loudness: ${name}, with a soloist`, whole.loudness, 'LUFS');
      print(`true peak: ${name}, with a soloist`, whole.peak, 'dBTP');
      print(`soloist over comp: ${name}`, solo! - compUnder!, 'LU');
    }
  }
}

void main();

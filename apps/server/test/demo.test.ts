import { buildSync } from 'esbuild';
import { once } from 'node:events';
import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import {
  FAMILY_IDS,
  LANDMARK_KINDS,
  analyzeChart,
  chorusOf,
  compBehind,
  createConnector,
  defaultArrangement,
  swungLine,
  offbeatAt,
  parseChart,
  parseMeter,
  rooms,
  standInLine,
  timeline,
  type Chorus,
  type InstrumentId,
  type SoloLine,
} from '@drop-close/core';
import type { EveryFamily, VoicedInFamily } from './everyFamily';
import { readDemo, readDemoLicks, readDemoSets, readDemoSolos } from '../src/demo/readDemo';
import { summarize } from '../src/tunes/summary';

const DEMO = resolve(__dirname, '../../../demo');

it('holds twelve tunes, each with all that the book shows', async () => {
  const tunes = await readDemo(DEMO);
  expect(tunes).toHaveLength(12);
  expect(tunes.map(({ title }) => title)).toContain('Bilge Lamp Blues');
});

it('holds every kind of landmark, each in a tune at least', async () => {
  const kinds = (await readDemo(DEMO)).flatMap((tune) => summarize(tune).landmarks);
  expect(LANDMARK_KINDS.filter((kind) => !kinds.includes(kind))).toEqual([]);
});

/** What each tune is made to show, worked out by hand from its changes (common practice). */
const SHOWS: readonly (readonly [title: string, form: string, landmarks: string])[] = [
  ['Bilge Lamp Blues', 'twelve-bar blues in B♭', '12-bar blues 1-12; turnaround 11-12'],
  ['Ebb at Nine', 'twelve-bar blues in C minor', 'minor blues 1-12; tritone substitute 12-12'],
  ['The Second Lantern', '32-bar AABA', 'turnaround 1-4; ii–V–I 16-17; ii–V–I 20-21'],
  ['Half Past the Tide', '32-bar ABAC', 'backdoor 6-7; backdoor 28-29; passing diminished 31-32'],
  ['Rope and Ring', '', 'tritone substitute 4-5; minor iv 18-18'],
  ['Brass Rail, Evening', '', 'ii–V–I 3-5; chain of ii–Vs 9-14'],
  ['Loose Gangway', '32-bar AABA', 'rhythm A 1-8; rhythm A 9-16; dominant-cycle bridge 17-24'],
  ['Fog Signal', '32-bar AABA', 'modal vamp 1-8; modal vamp 17-24; modal vamp 25-32'],
  ['Engine Room Drag', '', 'passing diminished 12-13; common-tone diminished 15-16'],
  ['Six Ways Home', '', 'turnaround 1-2; turnaround 3-4; turnaround 9-10; chain of ii–Vs 12-16'],
  ['Copper Kettle', '', 'pedal 1-4; line cliché 5-6; line cliché 9-10'],
  ['Two Buoys', '', 'line cliché 1-2; chain of keys 9-14; backdoor 24-25'],
];

it.each(SHOWS)('%s is %j and shows %s', async (title, form, landmarks) => {
  const tune = (await readDemo(DEMO)).find((each) => each.title === title)!;
  expect(summarize(tune).form).toBe(form);
  const { chart } = parseChart(tune.text, parseMeter(tune.meter));
  const found = analyzeChart({ ...chart, header: { key: tune.key, ...chart.header } });
  const marks = found.landmarks.map(({ kind, fromBar, toBar }) => `${kind} ${fromBar}-${toBar}`);
  expect(marks).toEqual(expect.arrayContaining(landmarks.split('; ')));
});

it('says that the bridge of Fog Signal is its A up a half step', async () => {
  const tune = (await readDemo(DEMO)).find(({ title }) => title === 'Fog Signal')!;
  const { sections } = analyzeChart(parseChart(tune.text).chart);
  expect(sections[2]).toMatchObject({ name: 'B', sameAs: { name: 'A1', semitones: 1 } });
});

it('has sets of its own tunes, and says which title is wrong', async () => {
  const titles = (await readDemo(DEMO)).map(({ title }) => title);
  expect((await readDemoSets(DEMO, titles)).length).toBeGreaterThan(1);
  await expect(readDemoSets(DEMO, titles.slice(1))).rejects.toThrow(
    'sets.json, "Ferry, first set": there is no demo tune "Bilge Lamp Blues".',
  );
});

it('has two solo lines over each of three tunes, as long as the tune', async () => {
  const solos = await readDemoSolos(DEMO);
  const tunes = await readDemo(DEMO);
  expect(solos).toHaveLength(6);
  for (const { tune, line } of solos) {
    const { text, meter } = tunes.find(({ title }) => title === tune)!;
    const { length } = timeline(parseChart(text, parseMeter(meter)).chart);
    const end = Math.max(...line.notes.map((note) => note.at + note.length)) / 480;
    expect(end).toBeGreaterThan(length - 8);
    expect(end).toBeLessThanOrEqual(length);
  }
});

it('has licks of our own, some with an answer, and says which cannot be read', async () => {
  const licks = await readDemoLicks(DEMO);
  expect(licks.length).toBeGreaterThanOrEqual(4);
  expect(licks.filter(({ answer }) => answer).length).toBeGreaterThan(0);
  const folder = await mkdtemp(join(tmpdir(), 'demo-'));
  const wrong = [{ name: 'Off', key: 'C', notes: 'C4 H4', answer: '' }];
  await writeFile(join(folder, 'licks.json'), JSON.stringify(wrong));
  await expect(readDemoLicks(folder)).rejects.toThrow('licks.json, "Off", notes: “H4”, number 2');
});

/** Two solos over each tune: its demo solos, or where it has none two of the stand-in. */
async function solosOver(title: string, chorus: Chorus): Promise<SoloLine[]> {
  const own = (await readDemoSolos(DEMO)).filter(({ tune }) => tune === title);
  if (own.length) return own.map(({ line }) => line);
  const { timeline } = chorus;
  const range = rooms['bass and horn'].soloist;
  return ([2, 3] as const).map((density, seed) => ({
    written: true,
    notes: standInLine({ timeline, density, range, seed }),
  }));
}

it('is comped behind two solos on every tune: the harmony told, nothing loud over the line, no rub held', async () => {
  const shares: string[] = [];
  for (const { title, text, key, meter, feel, tempo } of await readDemo(DEMO)) {
    const { chart } = parseChart(text, parseMeter(meter));
    const chorus = chorusOf({ ...chart, header: { key, ...chart.header } });
    const offbeat = offbeatAt(feel, tempo, 100);
    for (const solo of await solosOver(title, chorus)) {
      for (const instrument of ['guitar', 'keyboard'] as const) {
        const line = swungLine(solo, chorus.timeline, chorus.timeline, offbeat);
        const arrangement = { ...defaultArrangement, instrument, room: rooms['bass and horn'] };
        const comp = { ...arrangement.comp, strictness: 3 as const };
        const request = { connector: createConnector(), arrangement, comp, chorus, line, offbeat };
        const made = compBehind({ ...request, feel: feel, seed: 1 });
        const { overlaps, clashes, chords, told } = made.figures!;
        const soft = made.comp.hits.filter(({ loudness }) => loudness === 2).length;
        const name = `${title}, ${instrument}`;
        expect(`${name}: ${clashes} rubs`).toBe(`${name}: 0 rubs`);
        expect(told / chords).toBeGreaterThanOrEqual(0.85);
        expect(overlaps).toBeLessThanOrEqual(soft);
        shares.push(name);
      }
    }
  }
  expect(shares).toHaveLength(12 * 2 * 2);
}, 60_000);

async function voicedInEveryFamily(instrument: InstrumentId): Promise<VoicedInFamily[]> {
  const workerData: EveryFamily = { tunes: await readDemo(DEMO), instrument };
  // Threads load plain JavaScript.
  const { outputFiles } = buildSync({
    entryPoints: [resolve(__dirname, 'everyFamily.ts')],
    ...{ bundle: true, platform: 'node', write: false },
  });
  const worker = new Worker(outputFiles[0]!.text, { workerData, eval: true });
  const [rows] = (await once(worker, 'message')) as [VoicedInFamily[]];
  return rows;
}

it('voices whole on both instruments in every family, and says why where one is lent', async () => {
  const both = await Promise.all((['guitar', 'keyboard'] as const).map(voicedInEveryFamily));
  const rows = both.flat();
  expect(rows).toHaveLength(2 * 12 * FAMILY_IDS.length);
  for (const { title, family, status, chords, played, lent } of rows) {
    const name = `${title}, ${family}`;
    expect(`${name}: ${status}`).toBe(`${name}: found`);
    expect(chords).toBeGreaterThan(10);
    const lentAt = new Map(lent.map((each) => [each.at, each.family]));
    const expected = played.map((own, at) => (own === 'rest' ? own : (lentAt.get(at) ?? family)));
    expect(`${name}: ${played.join()}`).toBe(`${name}: ${expected.join()}`);
    for (const { why } of lent) expect(why).toMatch(/; .+ would do$/);
  }
  expect(rows.some(({ lent }) => lent.length)).toBe(true);
}, 120_000);

it('names the file and the line of a demo tune that cannot be read', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'demo-'));
  await writeFile(join(folder, 'broken.txt'), 'title: X\n| Jm7 |');
  await expect(readDemo(folder)).rejects.toThrow('broken.txt, line 2: Jm7: A chord starts');
});

import { strFromU8, unzipSync } from 'fflate';
import { execFileSync } from 'node:child_process';
import { defaultArrangement } from '../../arrangement/stored/defaults';
import { formatMeter } from '../../chart/meter';
import { compositionOf, playedSet } from '../../choruses/composition';
import { createTuneReader } from '../../choruses/tuneReader';
import { connect, createConnector } from '../../connect/connect';
import { defaultSettings } from '../../connect/base/data';
import { parseChart } from '../../chart/parseChart';
import { LAYER_RANGES, LINE_LAYERS, layerLine } from '../../practice/layers/layer';
import { lineSheet } from '../../score/documents';
import { playedFrame, writtenFrame } from '../../score/frames';
import { linePart, slashPart, voicingsPart } from '../../score/parts';
import type { Score, ScorePart } from '../../score/types';
import { compSheetOf } from '../../score/sheets/sheetOf';
import { demoTexts, demoTunes } from '../../testing/demo';
import { heardIn, reader } from '../../testing/verovio';
import { defaultGuitar, defaultInstruments, defaultKeyboard, rooms } from '../../voicing/data';
import { packMusicXml } from './packed';
import { writeMusicXml } from './writeScore';

// The reader takes its time over a whole book.
jest.setTimeout(180_000);

/** What a part sounds: ties joined, each note once, in order. */
function meantBy(part: ScorePart, { measures }: Score): string[] {
  const sounding: { at: number; end: number; midi: number }[] = [];
  const open = new Map<string, { at: number; end: number; midi: number }>();
  const staves = new Set(part.staves.flatMap((clef, at) => (clef === 'tab' ? [] : at)));
  part.measures.forEach(({ voices }, bar) => {
    for (const { staff, moments } of voices.filter((voice) => staves.has(voice.staff))) {
      for (const { at, value, notes } of moments) {
        const start = (measures[bar]!.at + at) / 480;
        const end = start + value.length / 480;
        for (const { midi, tiedFrom } of notes) {
          const name = `${staff} ${midi}`;
          const before = open.get(name);
          if (tiedFrom && before) before.end = end;
          else {
            const note = { at: start, end, midi };
            open.set(name, note);
            sounding.push(note);
          }
        }
      }
    }
  });
  return shown(sounding);
}

const round = (time: number): number => Math.round(time * 1000) / 1000;
const shown = (notes: readonly { at: number; end: number; midi: number }[]): string[] =>
  notes.map(({ at, end, midi }) => `${round(at)}-${round(end)} ${midi}`).sort();

const scoreOf = (
  title: string,
  parts: readonly ScorePart[],
  measures: Score['measures'],
): Score => ({
  ...{ title, key: 'C', tempo: 120, feel: 'swing', measures, parts },
});

/** The comp part of a tune with hits as the plan of one chorus plays them. */
function compOf(text: string, instrument: 'guitar' | 'keyboard') {
  const { header, meter } = parseChart(text).chart;
  const { title = 'Comp', key = 'C', feel = 'swing', tempo = 120 } = header;
  const tune = { text, places: { transposed: 0, sections: [] }, meter: formatMeter(meter), key };
  const reading = createTuneReader()(tune);
  const connector = createConnector();
  const plain = { ...defaultArrangement, instrument };
  const question = { setup: plain, instruments: defaultInstruments, feel, tempo };
  const played = playedSet(compositionOf(question, reading, connector), 7);
  const setup = { ...plain, comp: { ...plain.comp, ...played } };
  const composition = compositionOf({ ...question, setup }, reading, connector);
  const sheet = compSheetOf(composition, {
    ...{ title, key, tempo, feel, kind: 'comp', reader: 'concert', octaves: 0 },
    ...{ numbers: false, school: 'by function' },
  });
  if (!sheet) throw new Error(`${title} is not voiced`);
  return { score: sheet.score, hits: composition.composed.sounding.length };
}

describe('MusicXML, read by verovio', () => {
  it('sounds every voicing of every demo tune, note for note, on guitar and keys', async () => {
    let notes = 0;
    for (const { title, chorus } of demoTunes()) {
      for (const instrument of [defaultGuitar, defaultKeyboard]) {
        const outcome = connect([...chorus.chords], {
          ...{ ...defaultSettings, instrument, room: rooms.alone },
        });
        if (outcome.status !== 'found') throw new Error(outcome.why);
        const { timeline } = chorus;
        const measures = playedFrame(timeline);
        const chords = { name: 'Comp', instrument, timeline, measures };
        const part = voicingsPart(chords, outcome.path);
        const score = scoreOf(title, [part], measures);
        const heard = await heardIn(writeMusicXml(score));
        // What stands on a staff and in its tab is heard once for each.
        const times = part.staves.includes('tab') ? 2 : 1;
        const meant = meantBy(part, score);
        expect(shown(heard)).toEqual([...meant, ...(times === 2 ? meant : [])].sort());
        notes += meant.length;
      }
    }
    expect(notes).toBeGreaterThan(2500);
  });

  it('sounds every hit of the comp part of every demo tune, on guitar and keys', async () => {
    let notes = 0;
    for (const text of demoTexts()) {
      for (const instrument of ['guitar', 'keyboard'] as const) {
        const { score, hits } = compOf(text, instrument);
        const part = score.parts[0]!;
        const meant = meantBy(part, score);
        const times = part.staves.includes('tab') ? 2 : 1;
        const heard = shown(await heardIn(writeMusicXml(score)));
        expect(heard).toEqual([...meant, ...(times === 2 ? meant : [])].sort());
        // Hits that strike at one time are written as one chord, and every one of them is written.
        expect(new Set(meant.map((note) => note.split('-')[0])).size).toBe(hits);
        notes += meant.length;
      }
    }
    expect(notes).toBeGreaterThan(2500);
  });

  it('sounds every line layer of every demo tune', async () => {
    let notes = 0;
    for (const { title, chorus } of demoTunes()) {
      const measures = playedFrame(chorus.timeline);
      const start = chorus.timeline.bars[0]?.at ?? 0;
      for (const layer of LINE_LAYERS) {
        const wish = { range: LAYER_RANGES.guitar[layer], pace: 'eighths' } as const;
        const line = layerLine(layer, chorus.timeline, wish).map((note) => ({
          ...note,
          at: (note.at - start * 480) as typeof note.at,
        }));
        const part = linePart(layer, line, measures);
        const score = scoreOf(title, [part], measures);
        const meant = meantBy(part, score);
        expect(shown(await heardIn(writeMusicXml(score)))).toEqual(meant);
        expect(meant).toHaveLength(line.length);
        notes += meant.length;
      }
    }
    expect(notes).toBeGreaterThan(2000);
  });

  it.each(['tenor sax', 'alto sax', 'baritone sax', 'trumpet', 'bass', 'flute'] as const)(
    'sounds what the band hears, whoever reads it: %s',
    async (reader) => {
      for (const { title, chorus } of demoTunes().slice(0, 3)) {
        const chart = parseChart(demoTexts().find((text) => text.includes(title))!).chart;
        const line = layerLine('guide tones', chorus.timeline, {
          ...{ range: LAYER_RANGES.guitar['guide tones'], pace: 'eighths' },
        });
        const tune = {
          title,
          chart,
          key: chart.header.key ?? 'C',
          tempo: 120,
          feel: 'swing',
        } as const;
        const score = lineSheet(tune, 'Guide tones', line, reader);
        expect(shown(await heardIn(writeMusicXml(score)))).toEqual(meantBy(score.parts[0]!, score));
      }
    },
  );

  it('has every chord of every chart where it stands, with repeats, endings and signs', async () => {
    const toolkit = await reader();
    for (const text of demoTexts()) {
      const { chart } = parseChart(text);
      const measures = writtenFrame(chart);
      const document = writeMusicXml(scoreOf('Lead', [slashPart('Chords', measures)], measures));
      expect(toolkit.loadData(document)).toBeTruthy();
      const harms = [...toolkit.getMEI().matchAll(/<harm [^>]*>([\s\S]*?)<\/harm>/g)];
      const chords = measures.flatMap((measure) => measure.chords);
      expect(harms).toHaveLength(chords.length);
    }
  });

  it('packed, is found again by whoever opens it, and the same score is the same file', () => {
    const measures = writtenFrame(parseChart('| Dm7 G7 |').chart);
    const document = writeMusicXml(scoreOf('Packed', [slashPart('Chords', measures)], measures));
    const packed = packMusicXml(document);
    expect(packMusicXml(document)).toEqual(packed);
    const files = unzipSync(packed);
    expect(Object.keys(files)).toEqual(['mimetype', 'META-INF/container.xml', 'score.musicxml']);
    expect(strFromU8(files['score.musicxml']!)).toBe(document);
  });

  it('is well formed by xmllint, whatever the title', () => {
    const measures = writtenFrame(parseChart('| Dm7 G7 | C(maj7)/E |').chart);
    const score = scoreOf('Tide & <Rope> "Ö" ‮\u0007', [slashPart('A & B', measures)], measures);
    const document = writeMusicXml(score);
    const clean = execFileSync('xmllint', ['--nonet', '--noout', '-'], { input: document });
    expect(clean.toString()).toBe('');
    expect(document).toContain('Tide &amp; &lt;Rope&gt;');
  });
});

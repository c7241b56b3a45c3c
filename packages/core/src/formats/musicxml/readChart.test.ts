import fc from 'fast-check';
import { strToU8 } from 'fflate';
import { formatChart } from '../../chart/formatChart';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import type { Chart } from '../../chart/types';
import { QUALITIES } from '../../chord/data';
import { parseChord } from '../../chord/parseChord';
import { leadSheet, lineSheet } from '../../score/documents';
import { READER_IDS } from '../../score/readers';
import { midi, ticks } from '../../base/units';
import { demoTexts } from '../../testing/demo';
import { packMusicXml } from './packed';
import { readChartXml, type ChartReading } from './readChart';
import { writeMusicXml } from './writeScore';

jest.setTimeout(180_000);

const read = (document: string | Uint8Array): ChartReading => {
  const result = readChartXml(typeof document === 'string' ? strToU8(document) : document);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};

const sheetOf = (chart: Chart, key = 'C') => ({
  ...{ title: 'A Tune', chart, key, tempo: 132, feel: 'swing' as const },
});

/** What a chorus is, whichever way it is written down. */
const played = (chart: Chart) => {
  const { bars, events } = timeline(chart);
  return {
    bars: bars.map(({ number, section, meter }) => ({ number, section, meter })),
    chords: events.map(({ chord, at, length }) => ({
      ...{ at, length, root: chord.root, bass: chord.bass },
      degrees: chord.tones.map(({ degree }) => degree),
    })),
  };
};

const back = (chart: Chart, key?: string) => {
  const { text, header } = read(writeMusicXml(leadSheet(sheetOf(chart, key))));
  return parseChart(text, header.meter).chart;
};

describe('a chart out of MusicXML', () => {
  it('is the chart it was written from, every demo tune, for every reader', () => {
    for (const text of demoTexts()) {
      const { chart } = parseChart(text);
      const key = chart.header.key ?? 'C';
      for (const reader of READER_IDS) {
        const tune = { ...sheetOf(chart, key), feel: chart.header.feel ?? 'swing' };
        const reading = read(writeMusicXml(leadSheet(tune, reader)));
        expect(reading.said).toEqual([]);
        expect(reading.title).toBe('A Tune');
        expect(reading.header).toMatchObject({ tempo: 132, feel: tune.feel });
        const again = parseChart(reading.text, reading.header.meter).chart;
        if (reader === 'concert') {
          expect(reading.header.key).toBe(key);
          expect(played(again)).toEqual(played(chart));
        } else {
          const shape = ({ chords }: ReturnType<typeof played>) =>
            chords.map(({ at, length, degrees }) => ({ at, length, degrees }));
          expect(shape(played(again))).toEqual(shape(played(chart)));
        }
      }
    }
  });

  it('is the same chorus for 300 random charts with repeats, endings, meters and signs (seed 1919)', () => {
    const symbols =
      'Dm7 G7 Cmaj7 F#m7b5 B7b9 Em7/B Bb7#11 E7alt C+ Gsus4 A13sus4 N.C. Ebm6/9'.split(' ');
    const symbol = fc.constantFrom(...symbols);
    const bar = fc.oneof(
      { weight: 6, arbitrary: symbol },
      { weight: 3, arbitrary: fc.tuple(symbol, symbol).map((two) => two.join(' ')) },
      { weight: 1, arbitrary: fc.tuple(symbol, symbol).map(([a, b]) => `${a} . . ${b}`) },
      {
        weight: 1,
        arbitrary: fc.array(symbol, { minLength: 4, maxLength: 4 }).map((all) => all.join(' ')),
      },
      { weight: 1, arbitrary: fc.constant('%') },
      { weight: 1, arbitrary: fc.constant('.') },
    );
    const row = fc
      .tuple(fc.array(bar, { minLength: 1, maxLength: 5 }), fc.nat(5))
      .map(([bars, way]) => {
        const [first, ...rest] = [symbols[way]!, ...bars];
        const all = [first, ...rest].join(' | ');
        if (way === 0) return `|: ${all} :|`;
        if (way === 1) return `|: ${all} |(1 Am7 :|(2 Dm7 |`;
        if (way === 2) return `| "quietly" ${all} |`;
        return `| ${all} |`;
      });
    const chart = fc
      .tuple(fc.array(row, { minLength: 1, maxLength: 5 }), fc.boolean(), fc.boolean())
      .map(([rows, named, pickup]) => {
        const lines = rows.map((each, at) => (named ? `[${'ABCDE'[at]!}]\n${each}` : each));
        return (pickup ? 'pickup: 1\n' : '') + lines.join('\n');
      });
    let charts = 0;
    fc.assert(
      fc.property(chart, (text) => {
        const own = parseChart(text).chart;
        expect(played(back(own))).toEqual(played(own));
        charts += 1;
      }),
      { numRuns: 300, seed: 1919 },
    );
    expect(charts).toBe(300);
  });

  it('keeps its symbols letter for letter', () => {
    const text = '[A]\n| D-7 G7(b9) | CΔ7 | F#ø B7alt | Em7/B % |'.replace(' %', '');
    const { chart } = parseChart(text);
    expect(formatChart(back(chart))).toBe(formatChart(chart));
  });

  it('has the same tones where a file has no words for a chord, every quality that is written', () => {
    for (const [spellings, tones] of QUALITIES) {
      const [suffix = ''] = spellings.split(' ');
      const { chart } = parseChart(`| Eb${suffix} |`);
      const document = writeMusicXml(leadSheet(sheetOf(chart)));
      const { text } = read(document.replace(/<kind text="[^"]*">/g, '<kind>'));
      const symbol = text.replace(/^\| | \|$/g, '');
      const again = parseChord(symbol);
      const pitches = (of: readonly string[]) => new Set(of);
      expect([symbol, again.ok]).toEqual([symbol, true]);
      const own = again.ok ? again.value.tones.map(({ degree }) => degree) : [];
      const same = (degree: string): string =>
        ({ '2': '9', '4': '11', '6': '13', '#5': 'b13', '#11': 'b5', '#9': 'b3', bb7: '13' })[
          degree
        ] ?? degree;
      expect([suffix, pitches(own.map(same))]).toEqual([
        suffix,
        pitches(tones.split(' ').map(same)),
      ]);
    }
  });

  it('brings its notes as a line over the chorus as it is played', () => {
    const { chart } = parseChart('|: Dm7 | G7 :|');
    const note = (pitch: number, at: number) => ({
      ...{ midi: midi(pitch), note: 'D' },
      ...{ at: ticks(at), length: ticks(480) },
    });
    const sheet = lineSheet(sheetOf(chart), 'Tenor', [note(62, 0), note(74, 1920 * 3)]);
    const written = read(packMusicXml(writeMusicXml(sheet)));
    expect(written.solos).toHaveLength(1);
    expect(written.solos[0]!.name).toBe('Tenor');
    expect(written.solos[0]!.line.notes.map(({ midi: pitch, at }) => [pitch, at])).toEqual([
      [62, 0],
      [74, 5760],
    ]);
    const lead = writeMusicXml(leadSheet(sheetOf(chart)));
    expect(read(lead).solos).toEqual([]);
  });

  it('has its melody again each time a repeat is played', () => {
    const whole = (step: string) =>
      `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>4</duration></note>`;
    const document = `<score-partwise><part-list><score-part id="P1"><part-name>Voice</part-name></score-part></part-list><part id="P1">
<measure number="1"><barline location="left"><repeat direction="forward"/></barline><attributes><divisions>1</divisions></attributes><harmony><root><root-step>C</root-step></root><kind>major</kind></harmony>${whole('C')}</measure>
<measure number="2"><harmony><root><root-step>G</root-step></root><kind>dominant</kind></harmony>${whole('B')}<barline location="right"><repeat direction="backward"/></barline></measure></part></score-partwise>`;
    const { text, solos, said } = read(document);
    expect(text).toBe('|: C | G7 :|');
    expect(solos[0]!.line.notes.map(({ midi: pitch, at }) => [pitch, at])).toEqual([
      [60, 0],
      [71, 1920],
      [60, 3840],
      [71, 5760],
    ]);
    expect(said).toEqual([]);
  });

  it('says what no chart can hold', () => {
    const harmony = (kind: string) =>
      `<harmony><root><root-step>C</root-step></root><kind text="???">${kind}</kind></harmony>`;
    const document = `<score-partwise><part id="P1"><measure><attributes><divisions>1</divisions></attributes>${harmony('Tristan')}<note><rest/><duration>4</duration></note></measure></part></score-partwise>`;
    const { said, text } = read(document);
    expect(said).toEqual(['“C???” is no chord that is known here']);
    expect(parseChart(text).problems).not.toEqual([]);
    const refused = readChartXml(strToU8('<score-timewise></score-timewise>'));
    expect(refused).toMatchObject({ ok: false });
  });
});

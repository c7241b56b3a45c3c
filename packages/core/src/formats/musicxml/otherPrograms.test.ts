import { strToU8 } from 'fflate';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { transposeChart } from '../../analysis/transposeChart';
import { demoTexts } from '../../testing/demo';
import { leadSheet } from '../../score/documents';
import { readChartXml, type ChartReading } from './readChart';
import { writeMusicXml } from './writeScore';

/** Scores as other programs write them, and as hands do. Source of the elements: MusicXML 4.0. */

const read = (document: string): ChartReading => {
  const result = readChartXml(strToU8(document));
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};

/** A score of one part; its first measure says four divisions a bar and a signature. */
const scoreOf = (measures: readonly string[], signature = '', head = ''): string =>
  `<score-partwise version="4.0">${head}<part-list><score-part id="P1"><part-name>Lead</part-name></score-part></part-list><part id="P1">${measures
    .map((each, at) => `<measure number="${at + 1}">${at ? '' : setUp(signature)}${each}</measure>`)
    .join('')}</part></score-partwise>`;
const setUp = (signature: string): string =>
  `<attributes><divisions>1</divisions>${signature}<time><beats>4</beats><beat-type>4</beat-type></time></attributes>`;
const signature = (fifths: number, mode?: string): string =>
  `<key><fifths>${fifths}</fifths>${mode === undefined ? '' : `<mode>${mode}</mode>`}</key>`;

const rest = '<note><rest/><duration>4</duration></note>';
const whole = (step: string): string =>
  `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>4</duration></note>`;
/** @param more what stands behind the kind */
const harmony = (root: string, kind: string, more = '', text?: string): string =>
  `<harmony><root><root-step>${root}</root-step></root><kind${text === undefined ? '' : ` text="${text}"`}>${kind}</kind>${more}</harmony>`;
const bar = (root: string, kind: string, more = '', text?: string): string =>
  harmony(root, kind, more, text) + rest;
const degree = (value: number, alter: number, type: string): string =>
  `<degree><degree-value>${value}</degree-value><degree-alter>${alter}</degree-alter><degree-type>${type}</degree-type></degree>`;
const words = (text: string, sound = ''): string =>
  `<direction><direction-type><words>${text}</words></direction-type>${sound}</direction>`;
const beside = (text: string, perMinute: number): string =>
  `<direction><direction-type><words>${text}</words></direction-type><direction-type><metronome><beat-unit>quarter</beat-unit><per-minute>${perMinute}</per-minute></metronome></direction-type></direction>`;

const ofC = bar('C', 'major-seventh');
const inMinor = [
  bar('A', 'minor-sixth'),
  bar('E', 'dominant'),
  bar('A', 'minor-sixth'),
  harmony('B', 'half-diminished') + harmony('E', 'dominant', '<offset>2</offset>') + rest,
];

describe('a score of another program', () => {
  it.each([
    [beside('Bossa Nova', 140), { feel: 'latin', tempo: 140 }, '| Cmaj7 |'],
    [beside('Con moto', 140), { tempo: 140 }, '| "Con moto" Cmaj7 |'],
    [words('Medium Swing'), { feel: 'swing', tempo: 132 }, '| "Medium Swing" Cmaj7 |'],
    [words('Even 8ths', '<sound tempo="150"/>'), { feel: 'straight', tempo: 150 }, undefined],
    [words('Slow Ballad'), { feel: 'ballad', tempo: 72 }, undefined],
    [
      '<sound tempo="96"><swing><straight/></swing></sound>',
      { feel: 'straight', tempo: 96 },
      undefined,
    ],
  ])('says its tempo and feel by signs or in words: %s', (said, header, text) => {
    const reading = read(scoreOf([said + ofC]));
    expect(reading.header).toMatchObject(header);
    if (text !== undefined) expect(reading.text).toBe(text);
  });

  it.each([
    ['no mode', signature(0), 'Am'],
    ['mode none', signature(0, 'none'), 'Am'],
    ['a mode that says so', signature(0, 'minor'), 'Am'],
    ['a mode that says the other', signature(0, 'major'), 'C'],
  ])('with a signature and %s is in the key its chords are heard in', (_, key, expected) => {
    expect(read(scoreOf(inMinor, key)).header.key).toBe(expected);
  });

  it('with a signature alone is in major where its chords are', () => {
    const chords = [bar('D', 'minor-seventh'), bar('G', 'dominant'), ofC];
    expect(read(scoreOf(chords, signature(0))).header.key).toBe('C');
  });

  it.each([
    ['dorian', 0, 'Dm'],
    ['mixolydian', -1, 'C'],
    ['lydian', 1, 'C'],
    ['aeolian', -3, 'Cm'],
  ])('in the %s mode has its tonic', (mode, fifths, key) => {
    expect(read(scoreOf([ofC], signature(fifths, mode))).header.key).toBe(key);
  });

  it('has its ampersands, quotes and signs by number as they are meant', () => {
    const title = '<work><work-title>Salt &amp; Rope &lt;1&gt;</work-title></work>';
    const own = bar('C', 'dominant', degree(9, -1, 'add'), '7(&#9837;9)');
    const { title: read1, text } = read(scoreOf([words('soft &amp; low') + own], '', title));
    expect([read1, text]).toEqual(['Salt & Rope <1>', '| "soft & low" C7(♭9) |']);
    const { chart } = parseChart('| "soft & low" C6 |');
    const sheet = leadSheet({ title: 'Salt & <Rope>', chart, key: 'C', tempo: 120, feel: 'swing' });
    const again = read(writeMusicXml(sheet));
    expect([again.title, again.text]).toEqual(['Salt & <Rope>', '| "soft & low" C6 |']);
  });

  it('has its title in its credits', () => {
    const credit =
      '<credit><credit-type>composer</credit-type><credit-words>Nobody</credit-words></credit><credit><credit-type>title</credit-type><credit-words>Ebb</credit-words></credit>';
    expect(read(scoreOf([ofC], '', credit)).title).toBe('Ebb');
  });

  it.each([
    [bar('C', 'major', '<inversion>1</inversion>'), 'C/E'],
    [bar('G', 'dominant', '<inversion>3</inversion>'), 'G7/F'],
    [bar('C', 'dominant', degree(5, 1, 'alter') + degree(9, 1, 'add')), 'C7(#9,#5)'],
    [bar('C', 'dominant', degree(9, 1, 'add') + degree(13, -1, 'add')), 'C7(#9,b13)'],
    [bar('C', 'dominant-13th', degree(9, -1, 'alter')), 'C13b9'],
    [bar('C', 'dominant-ninth', degree(3, 0, 'subtract') + degree(4, 0, 'add')), 'C9sus4'],
    [bar('C', 'major-ninth', degree(11, 1, 'add')), 'Cmaj9#11'],
    [bar('C', 'half-diminished', '', 'ø7'), 'Cø7'],
    [bar('C', 'other', '', '7sus4'), 'C7sus4'],
  ])('has its chords in the plainest words, or in its own: %s', (harmonies, symbol) => {
    expect(read(scoreOf([harmonies])).text).toBe(`| ${symbol} |`);
  });

  const left = (inside: string): string => `<barline location="left">${inside}</barline>`;
  const right = (inside: string): string => `<barline location="right">${inside}</barline>`;
  const opens = left('<repeat direction="forward"/>');
  const closes = (more = ''): string => right(`<repeat direction="backward"${more}/>`);
  const ending = (numbers: string): string => left(`<ending number="${numbers}" type="start"/>`);
  const sections = (text: string): number[] =>
    timeline(parseChart(text).chart).bars.map(({ written }) => written);

  it('writes out an ending that two times share, and its melody with it', () => {
    const { text, solos, said } = read(
      scoreOf([
        opens + harmony('C', 'major') + whole('C'),
        ending('1, 2') + harmony('G', 'dominant') + whole('B') + closes(),
        ending('3') + harmony('F', 'major') + whole('A'),
      ]),
    );
    expect(text).toBe('|: C |(1 G7 :|(2 G7 :|(3 F |');
    expect(sections(text)).toEqual([0, 1, 0, 2, 0, 3]);
    expect(solos[0]!.line.notes.map(({ midi }) => midi)).toEqual([60, 71, 60, 71, 60, 69]);
    expect(said).toEqual([]);
  });

  it('writes out a last ending of two bars that two times share', () => {
    const { text } = read(
      scoreOf([
        opens + ofC,
        ending('1') + bar('G', 'dominant') + closes(),
        ending('2,3') + bar('F', 'major'),
        bar('G', 'dominant') + right('<ending number="2,3" type="stop"/>'),
      ]),
    );
    expect(text).toBe('|: Cmaj7 |(1 G7 :|(2 F | G7 :|\n|(3 F | G7 |');
  });

  it('is repeated as often as it says', () => {
    const { text } = read(
      scoreOf([opens + ofC, bar('G', 'dominant') + closes(' times="3"'), bar('F', 'major')]),
    );
    expect(text).toBe('|: Cmaj7 |(1 G7 :|(2 G7 :|(3 G7 |\n| F |');
    expect(sections(text)).toEqual([0, 1, 0, 2, 0, 3, 4]);
  });

  it('is played as often as it says, whatever is repeated: one bar to four, three times to nine, its endings shared or not', () => {
    let cases = 0;
    for (const times of [3, 4, 5, 6, 7, 8, 9]) {
      for (const bars of [1, 2, 3, 4]) {
        const body = Array.from({ length: bars }, () => ofC);
        const last = body.length - 1;
        const often = body.map(
          (each, at) => (at ? '' : opens) + each + (at === last ? closes(` times="${times}"`) : ''),
        );
        const played = sections(read(scoreOf([...often, bar('F', 'major')])).text);
        expect([times, bars, played.length]).toEqual([times, bars, times * bars + 1]);
        const all = Array.from({ length: times - 1 }, (_, at) => at + 1).join(',');
        const shared = [
          ...body.map((each, at) => (at ? '' : opens) + each),
          ending(all) + bar('G', 'dominant') + closes(),
          ending(String(times)) + bar('F', 'major'),
        ];
        const through = sections(read(scoreOf(shared)).text);
        expect([times, bars, through.length]).toEqual([times, bars, times * (bars + 1)]);
        cases += 2;
      }
    }
    expect(cases).toBe(56);
  });

  it('without a mode is in the key of its tune, every demo tune in twelve keys', () => {
    const missed: string[] = [];
    let asked = 0;
    for (const text of demoTexts()) {
      for (let up = 0; up < 12; up += 1) {
        const chart = transposeChart(parseChart(text).chart, up);
        const { key = 'C' } = chart.header;
        const head = { title: 'T', chart, key, tempo: 120, feel: 'swing' as const };
        const found = read(writeMusicXml(leadSheet(head)).replace(/<mode>\w+<\/mode>/, '')).header;
        if (found.key !== key) missed.push(`${key} as ${found.key ?? ''}`);
        asked += 1;
      }
    }
    expect([asked, missed]).toEqual([144, []]);
  });

  it('goes the way that its sound alone says', () => {
    const { text } = read(
      scoreOf([
        ofC,
        '<sound fine="yes"/>' + bar('F', 'major'),
        bar('G', 'dominant') + words('D.C. al Fine', '<sound dacapo="yes"/>'),
      ]),
    );
    expect(text).toBe('| Cmaj7 | "Fine" F | "D.C. al Fine" G7 |');
    const bare = read(scoreOf([ofC, bar('G', 'dominant') + '<sound dacapo="yes"/>'])).text;
    expect(bare).toBe('| Cmaj7 | "D.C." G7 |');
  });

  it('may write its chords as words, and letters of sections stay words', () => {
    const over = (symbol: string): string => words(symbol) + rest;
    const { text, chords } = read(scoreOf([over('Dm7'), over('G7/B'), words('B♭maj7') + rest]));
    expect([text, chords]).toEqual(['| Dm7 | G7/B | Bbmaj7 |', 3]);
    const letters = scoreOf([words('A') + whole('C'), words('B') + whole('D')]);
    expect(read(letters)).toMatchObject({ chords: 0, text: '| "A" . | "B" . |' });
  });
});

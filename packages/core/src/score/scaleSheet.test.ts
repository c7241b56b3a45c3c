import { parseChart } from '../chart/parseChart';
import { demoTexts } from '../testing/demo';
import { READER_IDS, READERS } from './readers';
import { scaleSheet } from './scaleSheet';
import type { SheetTune } from './documents';
import type { Score } from './types';

const tune = (text: string, key = 'C'): SheetTune => ({
  ...{ title: 'T', chart: parseChart(text).chart, key, tempo: 120, feel: 'swing' },
});
/** "Dm7 D Dorian: D:62 E:64 …" with the written pitches, a line for each bar. */
const shown = ({ measures, parts: [part] }: Score): string[] =>
  measures.map(({ chords, words }, at) => {
    const notes = part!.measures[at]!.voices[0]!.moments.flatMap((moment) => moment.notes);
    const written = notes.map(({ note, midi }) => `${note}${midi + part!.writtenAbove}`);
    return `${chords[0]!.chord.symbol} ${words[0]}: ${written.join(' ')}`;
  });
const none = { kept: [], school: 'by function' } as const;

it('each chord has a bar of eighths rising from the first note of its scale', () => {
  expect(shown(scaleSheet(tune('| Dm7 | G7 | Cmaj7 |'), none))).toEqual([
    'Dm7 D Dorian: D62 E64 F65 G67 A69 B71 C72 D74',
    'G7 G Mixolydian: G67 A69 B71 C72 D74 E76 F77 G79',
    'Cmaj7 C Ionian: C60 D62 E64 F65 G67 A69 B71 C72',
  ]);
});

it('a scale of five notes goes on beyond its octave, and every note has its degree', () => {
  const kept = [{ at: 0, symbol: 'Am7', scale: 'minor pentatonic', on: 0 }] as const;
  const sheet = scaleSheet(tune('| Am7 |'), { ...none, kept });
  expect(shown(sheet)).toEqual(['Am7 A minor pentatonic: A69 C72 D74 E76 G79 A81 C84 D86']);
  const [measure] = sheet.parts[0]!.measures;
  const moments = measure!.voices[0]!.moments;
  expect(moments.flatMap(({ notes }) => notes.map(({ degree }) => degree)).join(' ')).toBe(
    'R b3 11 5 b7 R b3 11',
  );
});

it('a chord that comes back with the same scale is written once, with another scale again', () => {
  const kept = [{ at: 2, symbol: 'C7', scale: 'Lydian b7', on: 0 }] as const;
  const plain = scaleSheet(tune('| C7 | F7 | C7 |'), none);
  const other = scaleSheet(tune('| C7 | F7 | C7 |'), { ...none, kept });
  expect(plain.measures).toHaveLength(2);
  expect(shown(other).map((each) => each.split(':')[0])).toEqual([
    'C7 C Mixolydian',
    'F7 F Lydian b7',
    'C7 C Lydian b7',
  ]);
});

it('for a tenor the symbols, the notes and the names of the scales are a whole step up', () => {
  expect(shown(scaleSheet(tune('| Dm7 |'), none, 'tenor sax'))).toEqual([
    'Em7 E Dorian: E64 F#66 G67 A69 B71 C#73 D74 E76',
  ]);
});

it('of every demo tune and reader every bar rises, over its own chord, in the clef of its reader', () => {
  let bars = 0;
  for (const text of demoTexts()) {
    const { chart } = parseChart(text);
    const of = { title: 'T', chart, key: chart.header.key ?? 'C', tempo: 120 } as const;
    for (const reader of READER_IDS) {
      const { measures, parts } = scaleSheet({ ...of, feel: 'swing' }, none, reader);
      expect(parts[0]!.staves).toEqual([READERS[reader].clef]);
      measures.forEach(({ chords, words }, at) => {
        const notes = parts[0]!.measures[at]!.voices[0]!.moments.flatMap((each) => each.notes);
        const pitches = notes.map(({ midi }) => midi as number);
        expect(pitches).toEqual([...pitches].sort((a, b) => a - b));
        expect(new Set(pitches).size).toBe(8);
        expect([chords.length, words.length]).toEqual([1, 1]);
        bars += 1;
      });
    }
  }
  expect(bars).toBeGreaterThan(1500);
});

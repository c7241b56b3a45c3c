import { chorusOf } from '../../arrangement/chorus/chorus';
import { midi } from '../../base/units';
import { timeline } from '../../chart/timeline';
import { parseChart } from '../../chart/parseChart';
import { demoTunes } from '../../testing/demo';
import { pitchClassOf } from '../../pitch/spelling';
import { arpeggioLine } from './arpeggios';
import { guideLine } from './guideLine';
import {
  isLineLayer,
  keysInOrder,
  LAYER_RANGES,
  layerLine,
  LINE_LAYERS,
  playedLayer,
} from './layer';
import { rootLine } from './roots';
import { LAYERS } from '../items/items';
import { arpeggioTones, guideTonesOfChord, placed } from './tones';
import type { LayerNote, LineRange } from './types';

const time = (text: string) => timeline(parseChart(text).chart);
const range = (low: number, high: number): LineRange => ({ low: midi(low), high: midi(high) });
const PITCHES = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'];
const names = (notes: readonly LayerNote[]): string =>
  notes.map(({ midi: pitch }) => `${PITCHES[pitch % 12]}${Math.floor(pitch / 12) - 1}`).join(' ');

const TWO_FIVE_ONE = time('| Dm7 | G7 | Cmaj7 | % |');
const LOW_STRINGS = range(40, 52);
const THREE = range(48, 72);

describe('roots', () => {
  // Common practice: on one and three, by the nearer way.
  it('stand on one and three in four, each by the nearer way', () => {
    expect(names(rootLine(TWO_FIVE_ONE, LOW_STRINGS))).toBe('D3 D3 G2 G2 C3 C3 C3 C3');
    expect(rootLine(TWO_FIVE_ONE, LOW_STRINGS).map(({ at }) => at / 480)).toEqual([
      0, 2, 4, 6, 8, 10, 12, 14,
    ]);
  });
  it('stand on one in three, and where a chord comes in between', () => {
    const waltz = rootLine(time('meter: 3/4\n| C6 | G7 . C6 |'), LOW_STRINGS);
    expect(waltz.map(({ at, length }) => [at / 480, length / 480])).toEqual([
      [0, 3],
      [3, 2],
      [5, 1],
    ]);
  });
  it('rest under N.C.', () => {
    expect(names(rootLine(time('| C6 | N.C. | F7 |'), LOW_STRINGS))).toBe('C3 C3 F2 F2');
  });
});

describe('arpeggios', () => {
  // Worked by hand: up Dm7, to the nearest tone of G7 (B under C), down, to the nearest of Cmaj7, turned at C3.
  it('go up and down in the range and on to the nearest tone of the next chord', () => {
    expect(names(arpeggioLine(TWO_FIVE_ONE, THREE, 'quarters'))).toBe(
      'D3 F3 A3 C4 B3 G3 F3 D3 C3 E3 G3 B3 C4 E4 G4 B4',
    );
  });
  it('go in eighths as well, and the last of a chord is as short as need be', () => {
    const line = arpeggioLine(time('| C6 F7 |'), THREE, 'eighths');
    expect(names(line)).toBe('C3 E3 G3 A3 C4 Eb4 F4 A4');
    const odd = arpeggioLine(time('meter: 6/8\n| C6 F7 |'), THREE, 'quarters');
    expect(odd.map(({ length }) => length)).toEqual([480, 240, 480, 240]);
  });
  it.each([
    ['G13(b9)', 'R 3 5 b7'],
    ['C7sus4', 'R 4 5 b7'],
    ['Am7b5', 'R b3 b5 b7'],
    ['F6/9', 'R 3 5 6'],
    ['Bdim7', 'R b3 b5 bb7'],
    ['Cadd9', 'R 3 5'],
    ['Ebmaj7#5', 'R 3 #5 7'],
  ])('of %s are %s: without its colours', (symbol, degrees) => {
    const [event] = time(`| ${symbol} |`).events;
    const { chord } = event!;
    if (chord.kind !== 'chord') throw new Error(symbol);
    expect(
      arpeggioTones(chord)
        .map(({ degree }) => degree)
        .join(' '),
    ).toBe(degrees);
  });
});

describe('the guide-tone line', () => {
  // Common practice: 3 of ii becomes 7 of V and falls to 3 of I; the other line is 7 3 7.
  it('is the smoothest there is: of the two over ii–V–I, the one nearer to the middle', () => {
    const line = guideLine(TWO_FIVE_ONE, range(55, 79));
    expect(names(line)).toBe('F4 F4 E4 E4');
    expect(line.map(({ degree }) => degree)).toEqual(['b3', 'b7', '3', '3']);
    expect(names(guideLine(TWO_FIVE_ONE, range(62, 84)))).toBe('C5 B4 B4 B4');
  });
  it('holds each note while its chord lasts', () => {
    const [first, second] = guideLine(time('| Dm7 . . G7 | C6 |'), range(55, 79));
    expect([first?.length, second?.at]).toEqual([3 * 480, 3 * 480]);
  });
});

describe('layers as lines', () => {
  it('are three of the eight, each in a range that holds every note', () => {
    expect(LAYERS.filter(isLineLayer)).toEqual([...LINE_LAYERS]);
    for (const ranges of Object.values(LAYER_RANGES)) {
      for (const { low, high } of Object.values(ranges))
        expect(high - low).toBeGreaterThanOrEqual(11);
    }
  });
  it('are played as they stand', () => {
    const wish = { range: THREE, pace: 'quarters' } as const;
    for (const layer of LINE_LAYERS) {
      const line = layerLine(layer, TWO_FIVE_ONE, wish);
      const played = playedLayer(line);
      expect(played.map(({ midi: pitch }) => pitch)).toEqual(line.map((note) => note.midi));
      expect(played.every(({ velocity }) => velocity === 84)).toBe(true);
      const last = played.at(-1)!;
      expect(last.at + last.length).toBe(16 * 480);
    }
  });
  it('go through all twelve keys, by fourths or half steps', () => {
    expect(keysInOrder('fourths')).toEqual([0, 5, -2, 3, -4, 1, 6, -1, 4, -3, 2, -5]);
    expect(keysInOrder('half steps')).toEqual([0, 1, 2, 3, 4, 5, 6, -5, -4, -3, -2, -1]);
  });
});

describe('over every demo tune, in every range', () => {
  const RANGES = [range(40, 52), range(48, 72), range(55, 79), range(60, 71), range(60, 64)];
  const cases = demoTunes().flatMap(({ chorus, title }) =>
    RANGES.map((wanted) => ({ title, wanted, time: chorus.timeline })),
  );
  const inRange = (notes: readonly LayerNote[], { low, high }: LineRange): boolean =>
    notes.every((note) => note.midi >= low && note.midi <= Math.max(high, low + 11));
  const filled = (notes: readonly LayerNote[]): boolean =>
    notes.every((note, at) => note.at + note.length <= (notes[at + 1]?.at ?? Infinity));

  it('there are sixty of them', () => {
    expect(cases).toHaveLength(60);
  });

  it('roots are the roots, begin with their chords and are nearer than any other octave', () => {
    for (const { time: own, wanted } of cases) {
      const line = rootLine(own, wanted);
      expect(inRange(line, wanted) && filled(line)).toBe(true);
      own.events.forEach(({ chord, at }, event) => {
        const mine = line.filter((note) => note.event === event);
        if (chord.kind !== 'chord') expect(mine).toEqual([]);
        else {
          expect(mine[0]?.at).toBe(Math.round(at * 480));
          expect(mine.every((note) => note.midi % 12 === pitchClassOf(chord.root))).toBe(true);
        }
      });
    }
  });

  it('arpeggios never repeat a note nor leap more than a fifth, and pass from chord to chord by the nearest way', () => {
    for (const { time: own, wanted } of cases) {
      const line = arpeggioLine(own, wanted, 'eighths');
      expect(inRange(line, wanted) && filled(line)).toBe(true);
      line.slice(1).forEach((note, at) => {
        const before = line[at]!;
        const moved = Math.abs(note.midi - before.midi);
        expect(moved).toBeGreaterThan(0);
        expect(moved).toBeLessThanOrEqual(7);
        if (note.event === before.event) return;
        const { chord } = own.events[note.event]!;
        if (chord.kind !== 'chord') throw new Error('a note without a chord');
        const high = midi(Math.max(wanted.high, wanted.low + 11));
        const others = placed(arpeggioTones(chord), { low: wanted.low, high })
          .map((tone) => Math.abs(tone.midi - before.midi))
          .filter((distance) => distance > 0);
        expect(moved).toBe(Math.min(...others));
      });
    }
  });

  it('no line of guide tones moves less, found by trying all over eight chords', () => {
    for (const { time: own, wanted } of cases) {
      const events = own.events.slice(0, 8);
      const short = { ...own, events };
      const line = guideLine(short, wanted);
      const motion = line
        .slice(1)
        .reduce((sum, note, at) => sum + Math.abs(note.midi - line[at]!.midi), 0);
      const high = midi(Math.max(wanted.high, wanted.low + 11));
      const rows = events.flatMap(({ chord }) =>
        chord.kind === 'chord'
          ? [placed(guideTonesOfChord(chord), { low: wanted.low, high }).map((tone) => tone.midi)]
          : [],
      );
      const least = (from: number, at: number): number =>
        at === rows.length
          ? 0
          : Math.min(...rows[at]!.map((next) => Math.abs(next - from) + least(next, at + 1)));
      expect(motion).toBe(Math.min(...rows[0]!.map((first) => least(first, 1))));
      expect(inRange(line, wanted)).toBe(true);
    }
  });

  it('guide tones are 3 and 7 and what stands for them', () => {
    const { chorus } = demoTunes()[0]!;
    expect(chorusOf(parseChart('| C6 |').chart).chords).toHaveLength(1);
    for (const note of guideLine(chorus.timeline, THREE)) {
      expect(['3', 'b3', 'b7', '7', '6', '4', 'bb7', 'b5', 'R']).toContain(note.degree);
    }
  });
});

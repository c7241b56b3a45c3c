import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { pitchClassOf } from '../pitch/spelling';
import { pitchClass, quarters } from '../base/units';
import { bassLine } from './bass';
import { HIGHEST_BASS, LOWEST_BASS } from './data';
import type { BassStyle } from '../comp/styles';
import type { PlannedNote } from './types';

type Style = Exclude<BassStyle, 'by the feel'>;
const STYLES: readonly Style[] = ['walking', 'two-feel', 'bossa', 'roots'];

const TUNES = [
  '| Bb7 | Eb7 | Bb7 | Fm7 Bb7 | Eb7 | Edim7 | Bb7 | Dm7b5 G7b9 | Cm7 | F7 | Bb7 G7 | Cm7 F7 |',
  '| C | D/F# | N.C. | Bm7/A E7alt | Dm9 | % | . | G13 |',
  'meter: 3/4\n| Gmaj7 | Am7 | Bm7 Bb7 | A9 |',
];

const lineOf = (text: string, style: Style): PlannedNote[] =>
  bassLine(timeline(parseChart(text).chart), style);

const at = (notes: readonly PlannedNote[], time: number): number | undefined =>
  notes.find((note) => note.at === time)?.midi;

describe.each(STYLES)('a bass line, %s', (style) => {
  it('has the root, or the slash bass, where a chord begins and on every one (common practice)', () => {
    for (const text of TUNES) {
      const time = timeline(parseChart(text).chart);
      const notes = bassLine(time, style);
      const begins = time.events.map((event) => ({ event, time: event.at }));
      const ones = time.bars.flatMap((bar) => {
        const event = time.events.filter((each) => each.at <= bar.at).at(-1);
        return event ? [{ event, time: bar.at }] : [];
      });
      for (const { event, time: moment } of [...begins, ...ones]) {
        const { chord } = event;
        const pitch = at(notes, moment);
        if (chord.kind === 'no chord') expect(pitch).toBeUndefined();
        else expect(pitchClass(pitch!)).toBe(pitchClassOf(chord.bass ?? chord.root));
      }
    }
  });

  it('stays on its instrument', () => {
    for (const { midi } of TUNES.flatMap((text) => lineOf(text, style))) {
      expect(midi).toBeGreaterThanOrEqual(LOWEST_BASS);
      expect(midi).toBeLessThanOrEqual(HIGHEST_BASS + 1);
    }
  });
});

describe('a walking bass (common practice)', () => {
  it('plays on every beat', () => {
    expect(lineOf('| Dm7 | G7 |', 'walking').map((note) => note.at)).toEqual([
      0, 1, 2, 3, 4, 5, 6, 7,
    ]);
  });

  it('comes to the next root by a half step, the first one too when it comes round', () => {
    const notes = lineOf('| Dm7 | G7 | Cmaj7 | A7 |', 'walking');
    for (const one of [4, 8, 12]) {
      expect(Math.abs(at(notes, one)! - at(notes, one - 1)!)).toBe(1);
    }
    expect([1, 3]).toContain(pitchClass(at(notes, 15)!));
  });

  it('walks on chord tones between', () => {
    const notes = lineOf('| Dm7 | G7 |', 'walking');
    for (const time of [1, 2]) expect([2, 5, 9, 0]).toContain(pitchClass(at(notes, time)!));
  });

  it('never strikes one pitch twice running inside a chord', () => {
    for (const text of TUNES) {
      const notes = lineOf(text, 'walking');
      const { events } = timeline(parseChart(text).chart);
      const begins = new Set(events.map((event) => event.at));
      notes.slice(1).forEach((note, position) => {
        if (!begins.has(quarters(note.at))) expect(note.midi).not.toBe(notes[position]!.midi);
      });
    }
  });
});

it('leads on by a chord tone in two-feel: from C to F over E, the third (common practice)', () => {
  const notes = lineOf('| C6 | F6 |', 'two-feel');
  expect([notes.map((note) => note.at), pitchClass(at(notes, 2)!)]).toEqual([[0, 2, 4, 6], 4]);
});

it('plays the and of two and of four in a bossa', () => {
  expect(lineOf('| Dm7 |', 'bossa').map((note) => note.at)).toEqual([0, 1.5, 2, 3.5]);
});

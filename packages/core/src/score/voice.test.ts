import { midi, ticks } from '../base/units';
import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { playedFrame } from './frames';
import type { Moment } from './types';
import { writeVoice, type Struck } from './voice';

const measures = (bars: number, meter = '4/4') =>
  playedFrame(timeline(parseChart(`meter: ${meter}\n${'| C '.repeat(bars)}|`).chart));
/** "0:2 3:0.5": notes by their begin and length in quarters. */
const struck = (text: string): Struck[] =>
  text.split(' ').map((each) => {
    const [at, length] = each.split(':').map((part) => Math.round(inQuarters(part) * 480));
    return { at: ticks(at!), length: ticks(length!), notes: [{ midi: midi(60), note: 'C' }] };
  });
/** "1/3" is a third. */
const inQuarters = (text: string): number =>
  text.split('+').reduce((sum, each) => {
    const [a, b = '1'] = each.split('/');
    return sum + Number(a) / Number(b);
  }, 0);

const SHORT: Readonly<Record<string, string>> = {
  ...{ whole: '1', half: '2', quarter: '4', eighth: '8', '16th': '16', '32nd': '32' },
};
/** "2 r4 8-": a half, a quarter's rest, an eighth tied on; triplets in brackets. */
const shown = ({ value, notes, wholeBar }: Moment): string => {
  if (wholeBar) return 'bar';
  const name = `${SHORT[value.base]!}${'.'.repeat(value.dots)}`;
  const sounding = notes.length ? name : `r${name}`;
  const tied = notes.some(({ tiedTo }) => tiedTo) ? '-' : '';
  return `${value.triplet ? `(${sounding})` : sounding}${tied}`;
};
const bars = (text: string, count = 1, meter = '4/4'): string =>
  writeVoice(struck(text), measures(count, meter))
    .map((bar) => bar.map(shown).join(' '))
    .join(' | ');

describe('a voice as it is written (common practice of engraving)', () => {
  it.each([
    ['a Charleston', '0:1.5 1.5:0.5', '4. 8 r2'],
    ['a push over the bar line, tied', '3.5:2.5', 'r2 r4 r8 8- | 2 r2'],
    ['two chords a bar', '0:2 2:2', '2 2'],
    ['a long chord over two bars', '0:8', '1- | 1'],
    ['an offbeat quarter', '0:0.5 0.5:1 1.5:0.5 2:2', '8 4 8 2'],
    ['what crosses the middle', '1:2.5', 'r4 4- 4. r8'],
    ['triplets', '0:1/3 1/3:1/3 2/3:1/3 1:1', '(8) (8) (8) 4 r2'],
    ['a quarter of a triplet', '0:2/3 2/3:1/3 1:3', '(4) (8) 4- 2'],
    ['out of a triplet into the next beat', '2/3:4/3', '(r4) (8)- 4 r2'],
  ])('%s', (_, text, is) => {
    expect(bars(text, is.split('|').length)).toBe(is);
  });
  it('rests through a bar that holds nothing', () => {
    expect(bars('0:4', 3)).toBe('1 | bar | bar');
  });
  it('ends each note where the next begins, and writes what was played a little off on its place', () => {
    expect(bars('0:3 1:1')).toBe('4 4 r2');
    expect(bars('0.02:0.97 1.03:0.9')).toBe('4 4 r2');
  });
  it('sees the two halves of six eight', () => {
    expect(bars('0:1.5 1.5:1.5', 1, '6/8')).toBe('4. 4.');
    expect(bars('0:3', 1, '6/8')).toBe('2.');
  });
});

it('what is written lasts as long as its bar, and ties join notes to one of the same pitch, 2,000 random voices', () => {
  let seed = 20261130;
  const next = (below: number): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return Math.floor((seed / 2147483648) * below);
  };
  let ties = 0;
  for (let run = 0; run < 2000; run += 1) {
    const meter = ['4/4', '3/4', '6/8', '5/4'][run % 4]!;
    const frame = measures(3, meter);
    const own = Array.from({ length: 1 + next(8) }, () => ({
      at: ticks(next(24) * 120 + (next(4) === 0 ? 160 : 0)),
      length: ticks(60 + next(1500)),
      notes: [{ midi: midi(60 + next(3)), note: 'C' }],
    }));
    const written = writeVoice(own, frame);
    written.forEach((bar, at) => {
      expect(bar.reduce((sum, { value }) => sum + value.length, 0)).toBe(frame[at]!.length);
      let now = 0;
      for (const moment of bar) {
        expect(moment.at).toBe(now);
        now += moment.value.length;
      }
    });
    const all = written.flat();
    all.forEach(({ notes }, at) => {
      for (const note of notes.filter(({ tiedTo }) => tiedTo)) {
        ties += 1;
        expect(
          all[at + 1]!.notes.some(({ midi: pitch, tiedFrom }) => tiedFrom && pitch === note.midi),
        ).toBe(true);
      }
    });
  }
  expect(ties).toBeGreaterThan(500);
});

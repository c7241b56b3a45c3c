import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { pitchClassOf } from '../../pitch/spelling';
import { midi, ticks } from '../../base/units';
import { random } from '../../testing/random';
import { readNotes, writeNotes } from './lickText';
import { layLicks, type LayRequest } from './layLicks';
import { readLick } from './readLick';
import type { Lick } from './types';

const FOUR = { beats: 4, unit: 4 } as const;

const notes = (text: string): string => {
  const read = readNotes(text);
  if (!read.ok) throw new Error(read.problem);
  return read.value.notes
    .map(({ midi: pitch, at, length }) => `${pitch}@${at}+${length}`)
    .join(' ');
};
const problem = (text: string): string => {
  const read = readNotes(text);
  return read.ok ? 'read' : read.problem;
};

describe('a phrase as it is typed', () => {
  it('is read note by note, eighths where nothing is said', () => {
    expect(notes('r F4 Ab4 | Bb4q C#5h.')).toBe('65@240+240 68@480+240 70@720+480 73@1200+1440');
    expect(notes('C4t D4t E4t F4s G4w')).toBe(
      '60@0+160 62@160+160 64@320+160 65@480+120 67@600+1920',
    );
  });
  it('says what is wrong, where, and what would be right', () => {
    expect(problem('C4 H4')).toBe(
      '“H4”, number 2: a note is a letter with its octave and length, as Bb4q, a rest is r with its length. Lengths are s, t, e, q, h, w.',
    );
    expect(problem('C0')).toBe('“C0”, number 1: write notes from E1 to C8.');
    expect(problem('r r')).toBe('Write at least one note, as Bb4q.');
  });
  it('comes back from what was played, on the nearest grid', () => {
    const played = [
      { midi: midi(65), at: ticks(236), length: ticks(190), velocity: 80 },
      { midi: midi(68), at: ticks(490), length: ticks(600), velocity: 80 },
      { midi: midi(70), at: ticks(960), length: ticks(1000), velocity: 80 },
    ];
    expect(writeNotes(played)).toBe('r F4 Ab4q Bb4h');
  });
  it('is the same when it is written and read again', () => {
    const next = random(7);
    const lengths = [120, 180, 240, 360, 480, 720, 960];
    for (let turn = 0; turn < 200; turn += 1) {
      let at = 0;
      const line = Array.from({ length: 1 + Math.floor(next() * 9) }, () => {
        at += 120 * Math.floor(next() * 5);
        const length = lengths[Math.floor(next() * lengths.length)]!;
        const note = {
          midi: midi(48 + Math.floor(next() * 30)),
          at: ticks(at),
          length: ticks(length),
          velocity: 84,
        };
        // Dotted sixteenths leave the grid of what follows.
        at += Math.ceil(length / 120) * 120;
        return note;
      });
      const read = readNotes(writeNotes(line));
      if (!read.ok) throw new Error(read.problem);
      expect(read.value.notes.map(({ midi: pitch, at: begin }) => [pitch, begin])).toEqual(
        line.map(({ midi: pitch, at: begin }) => [pitch, begin]),
      );
    }
  });
});

const CALL: Lick = {
  name: 'Call',
  key: 'Bb',
  notes: 'r F4 Ab4 Bb4 rq Bb4 Ab4 F4q.',
  answer: '..xo----|o-------',
};
const OTHER: Lick = { name: 'Other', key: 'C', notes: 'E4 G4 A4 C5q', answer: '' };

const read = (lick: Lick) => {
  const value = readLick(lick, FOUR);
  if (!value.ok) throw new Error(value.problem.message);
  return value.value;
};

describe('a lick', () => {
  it('knows how many bars it takes, and its answer', () => {
    expect(read(CALL)).toMatchObject({ bars: 2, answer: ['..xo----', 'o-------'] });
    expect(read(OTHER)).toMatchObject({ bars: 1, answer: [] });
  });
  it('says which of its parts is wrong', () => {
    const wrong = (change: Partial<Lick>) => {
      const value = readLick({ ...CALL, ...change }, FOUR);
      return value.ok ? undefined : `${value.problem.part}: ${value.problem.message}`;
    };
    expect(wrong({ key: 'X' })).toBe('key: “X” is no key; write its root, as Bb.');
    expect(wrong({ answer: '..x' })).toBe(
      'answer: Bar 1: it has 3 signs; write 8, one for each eighth.',
    );
    expect(wrong({ answer: '--xo----' })).toBe(
      'answer: Bar 1: a - goes on with what stands before it; begin with x, o or ~.',
    );
    expect(wrong({ answer: '..xz----' })).toBe('answer: Bar 1: “z” is none of . x X o O ~ -.');
    expect(wrong({ notes: 'C4w '.repeat(9) })).toBe(
      'notes: It lasts 9 bars; a phrase has at most 8.',
    );
  });
});

const BLUES = timeline(parseChart(`| ${'Bb7 | Eb7 | Bb7 | Bb7 | '.repeat(3)}`).chart);
const lay = (change: Partial<LayRequest> = {}) =>
  layLicks({
    timeline: BLUES,
    meter: FOUR,
    licks: [read(CALL), read(OTHER)],
    home: pitchClassOf('Bb'),
    range: { low: 40, high: 88 },
    calls: 'line',
    place: 'key',
    seed: 1,
    ...change,
  });
const laid = (change: Partial<LayRequest> = {}) => {
  const result = lay(change);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};

describe('licks over a blues (common practice)', () => {
  it('say the first twice, then another, each with its answer after it', () => {
    const { laid: cells, hits } = laid({ licks: [read(CALL)] });
    expect(cells.map(({ fromBar, toBar }) => `${fromBar}-${toBar}`)).toEqual([
      '1-2',
      '5-6',
      '9-10',
    ]);
    expect(hits.map(({ bar, at }) => `${bar}:${at / 480 + 1}`).join(' ')).toBe(
      '3:2 3:2.5 4:1 7:2 7:2.5 8:1 11:2 11:2.5 12:1',
    );
    const names = laid().laid.map(({ name }) => name);
    expect(names[1]).toBe(names[0]);
    expect(names[2]).not.toBe(names[0]);
  });
  it('answer the same lick in the same rhythm', () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const { laid: cells, hits } = laid({ licks: [read(OTHER)], seed });
      const rhythm = ({ toBar }: (typeof cells)[number]): string =>
        hits
          .filter(({ bar }) => bar === toBar + 1)
          .map(({ at }) => at)
          .join();
      expect(cells.length).toBe(6);
      expect(new Set(cells.map(rhythm)).size).toBe(1);
    }
  });
  it('let the chords call and the line answer', () => {
    const { laid: cells, hits } = laid({ licks: [read(CALL)], calls: 'chords' });
    expect(cells[0]).toMatchObject({ fromBar: 3, toBar: 4 });
    expect(hits[0]).toMatchObject({ bar: 1 });
  });
  it('stand in the key of the tune, or on the root of each chord', () => {
    const first = ({ notes: line, laid: cells }: ReturnType<typeof laid>) =>
      cells.map(({ fromBar }) => line.find(({ at }) => at >= (fromBar - 1) * 1920)!.midi % 12);
    expect(new Set(first(laid({ licks: [read(OTHER)] })))).toEqual(new Set([2]));
    // E over C is a third: D over Bb7, where bars 1, 3, 5 … begin.
    expect(first(laid({ licks: [read(OTHER)], place: 'chord' }))).toEqual([2, 2, 2, 2, 2, 2]);
    const onFour = laid({ licks: [read(OTHER)], place: 'chord', calls: 'chords' });
    expect(first(onFour)[0]).toBe(7);
  });
  it('lie in the range of the instrument', () => {
    const pitches = laid({ range: { low: 60, high: 81 } }).notes.map((note) => note.midi);
    expect(Math.min(...pitches)).toBeGreaterThanOrEqual(60);
    expect(Math.max(...pitches)).toBeLessThanOrEqual(81);
  });
  it('leave out those that do not fit, and say which', () => {
    const { laid: cells, leftOut } = laid({ timeline: timeline(parseChart('| C7 | F7 |').chart) });
    expect(cells).toEqual([{ name: 'Other', fromBar: 1, toBar: 1 }]);
    expect(leftOut).toEqual(['“Call” takes 4 bars with its answer, the chorus has 2.']);
  });
  it('say why they cannot be laid, and nothing is laid', () => {
    const why = (change: Partial<LayRequest>) => {
      const result = lay(change);
      return result.ok ? 'laid' : result.problem;
    };
    expect(why({ licks: [] })).toBe('There is no lick in the bank yet: write one first.');
    expect(why({ timeline: timeline(parseChart('| C7 |').chart) })).toBe(
      '“Call” takes 4 bars with its answer, the chorus has 1. “Other” takes 2 bars with its answer, the chorus has 1.',
    );
    expect(why({ range: { low: 60, high: 64 } })).toMatch(
      /^“.+” has no place in bar \d+ between C4 and E4, the range of the instrument\./,
    );
    expect(why({ timeline: timeline(parseChart('| C7 | 3/4 F7 | C7 | C7 |').chart) })).toBe(
      'Bar 2 has another meter; licks are laid in one meter.',
    );
  });
});

import fc from 'fast-check';
import { parseChart } from '../../chart/parseChart';
import { createConnector } from '../../connect/connect';
import type { Connected, ConnectOutcome } from '../../connect/base/types';
import { voicingKey } from '../../voicing/enumerate';
import { defaultArrangement } from '../stored/defaults';
import { settingsOf } from './settings';
import { chorusOf } from './chorus';
import type { Arrangement, LineShape } from '../stored/types';
import { voicedWith, voiceChorus } from './voiceChorus';

const arrangement = (change: Partial<Arrangement> = {}): Arrangement => ({
  ...defaultArrangement,
  loop: false,
  families: ['close', 'drop2'],
  instrument: 'keyboard',
  ...change,
});
const found = (outcome: ConnectOutcome): Connected => {
  if (outcome.status !== 'found') throw new Error(outcome.why);
  return outcome;
};
function voiced(text: string, setup: Arrangement): Connected {
  const chorus = chorusOf(parseChart(text).chart, setup.splits);
  return found(voiceChorus(createConnector(), chorus, settingsOf(setup, chorus), setup));
}
const tops = ({ path }: Connected): number[] => path.map(({ notes }) => notes.at(-1)!.midi);
const keys = ({ path }: Connected): string[] => path.map(voicingKey);

const TWICE = '[A]\n| Dm7 | G7 | C6 | A7 |\n[A]\n| Dm7 | G7 | C6 | A7 |';

describe('a passage that returns', () => {
  it('is voiced the same when the player asks for that', () => {
    const same = keys(voiced(TWICE, arrangement({ returns: 'same' })));
    expect(same.slice(4)).toEqual(same.slice(0, 4));
  });
  it('is not voiced with the same grips when the player asks for others', () => {
    const varied = keys(voiced(TWICE, arrangement({ returns: 'varied', loop: true })));
    varied.slice(4).forEach((key, at) => {
      expect(key).not.toBe(varied[at]);
    });
  });
  it('is moved where its section has moved, each voice by as much', () => {
    const text = '[A]\n| Dm7 | G7 | Cmaj7 |\n[A]\n| Em7 | A7 | Dmaj7 |';
    const { path } = voiced(text, arrangement({ returns: 'same' }));
    const pitches = path.map(({ notes }) => notes.map(({ midi }) => midi as number));
    pitches.slice(3).forEach((notes, at) => {
      const semitones = notes[0]! - pitches[at]![0]!;
      expect([2, 2 - 12, 2 + 12]).toContain(semitones);
      expect(notes).toEqual(pitches[at]!.map((pitch) => pitch + semitones));
    });
  });
  it('keeps a lock of its own', () => {
    const free = voiced(TWICE, arrangement());
    const lock = free.alternatives(5)[7]!.voicing;
    const locks = {
      ...defaultArrangement.locks,
      keyboard: [{ at: 5, symbol: 'G7', voicing: lock }],
    };
    const same = voiced(TWICE, arrangement({ returns: 'same', locks }));
    expect(same.path[5]).toEqual(lock);
    expect(keys(same)[4]).toBe(keys(same)[0]);
  });
});

describe('a top line in mind', () => {
  const line = (shape: LineShape, from = 0, to = 5): Arrangement =>
    arrangement({ line: { notes: [], spans: [{ from, to, shape }], keepTop: false } });
  const text = '| Cmaj7 | Am7 | Dm7 | G7 | Em7 | A7 |';
  const steps = (setup: Arrangement): number[] => {
    const line_ = tops(voiced(text, setup));
    return line_.slice(1).map((top, at) => Math.sign(top - line_[at]!));
  };
  it('rises, falls, or does both, as it is asked', () => {
    expect(steps(line('rise'))).toEqual([1, 1, 1, 1, 1]);
    const falls = steps(line('fall'));
    expect(falls.every((step) => step <= 0)).toBe(true);
    expect(falls.filter((step) => step < 0).length).toBeGreaterThanOrEqual(4);
    expect(steps(line('arch'))).toEqual([1, 1, 1, -1, -1]);
  });
  it('holds as well as the chords allow', () => {
    const held = tops(voiced('| C6 | Am7 | Fmaj7 |', line('hold', 0, 2)));
    expect(new Set(held).size).toBe(1);
  });
  it('answers the phrase before it upside down', () => {
    const spans = [
      { from: 0, to: 2, shape: 'rise' as const },
      { from: 3, to: 5, shape: 'answer' as const },
    ];
    const answered = steps(arrangement({ line: { notes: [], spans, keepTop: false } }));
    expect(answered.slice(0, 2)).toEqual([1, 1]);
    expect(answered.slice(3)).toEqual([-1, -1]);
  });
  it('has the notes that were asked for on top', () => {
    const notes = [
      { at: 1, symbol: 'Am7', midi: 72 },
      { at: 3, symbol: 'G7', midi: 71 },
      { at: 5, symbol: 'A7', midi: 69 },
    ];
    const line_ = tops(voiced(text, arrangement({ line: { notes, spans: [], keepTop: false } })));
    expect([line_[1], line_[3], line_[5]]).toEqual([72, 71, 69]);
  });
  it('comes as near as it can to a note that the chord does not have', () => {
    const notes = [{ at: 0, symbol: 'Cmaj7', midi: 66 }];
    const [top] = tops(voiced(text, arrangement({ line: { notes, spans: [], keepTop: false } })));
    expect([64, 67]).toContain(top);
  });
  it('keeps a common tone on top', () => {
    const kept = arrangement({ line: { notes: [], spans: [], keepTop: true } });
    const [first, second] = tops(voiced('| Cmaj7 | Am7 |', kept));
    expect(second).toBe(first);
  });
});

it('gives a split chord two colours', () => {
  const splits = [{ at: 1, symbol: 'G7', after: 2 }];
  const [, first, second] = keys(voiced('| Dm7 | G7 | C6 |', arrangement({ splits })));
  expect(first).not.toBe(second);
});

describe.each(['free', 'same', 'varied'] as const)('when passages return %s', (returns) => {
  it('every alternative costs what taking it leads to (seed 41)', () => {
    const setup = arrangement({ returns, loop: true, families: ['close'] });
    const chorus = chorusOf(parseChart(TWICE).chart);
    const settings = settingsOf(setup, chorus);
    const connector = createConnector();
    const outcome = found(voiceChorus(connector, chorus, settings, setup));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 9 }), (at, choice) => {
        const chosen = outcome.alternatives(at, 10)[choice]!;
        const taken = voicedWith(connector, chorus, settings, setup, at, chosen.voicing);
        expect(found(taken).total).toBe(chosen.total);
      }),
      { numRuns: 12, seed: 41 },
    );
  });
});

it('compares a locked chord with all its candidates', () => {
  const free = voiced(TWICE, arrangement());
  const third = free.alternatives(1, 10)[2]!;
  const locks = {
    ...defaultArrangement.locks,
    keyboard: [{ at: 1, symbol: 'G7', voicing: third.voicing }],
  };
  const held = voiced(TWICE, arrangement({ locks }));
  expect(held.path[1]).toEqual(third.voicing);
  expect(held.alternatives(1, 10)).toEqual(free.alternatives(1, 10));
});

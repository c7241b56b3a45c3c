import {
  chorusOf,
  connect,
  defaultArrangement,
  parseChart,
  settingsOf,
  ticks,
  type Voicing,
} from '@drop-close/core';
import { edit, groupOf } from './actions';
import { PAUSE, advance, begin, redo, undo } from './history';
import type { TuneDocument } from './types';

const tune: TuneDocument = {
  title: 'Slack Water',
  text: '| Dm7 | G7 | C6 |',
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
  arrangementName: 'First arrangement',
  setup: defaultArrangement,
};

function voicingOf(document: TuneDocument, index: number): Voicing {
  const chorus = chorusOf(parseChart(document.text).chart);
  const outcome = connect(chorus.chords, settingsOf(document.setup, chorus));
  if (outcome.status !== 'found') throw new Error(outcome.why);
  return outcome.path[index]!;
}
const locked = edit(tune, { type: 'lock', at: 1, symbol: 'G7', voicing: voicingOf(tune, 1) });

describe('edits', () => {
  it('change what they name and nothing else', () => {
    expect(edit(tune, { type: 'set field', field: 'tempo', value: 96 })).toEqual({
      ...tune,
      tempo: 96,
    });
    expect(edit(tune, { type: 'set up', change: { loop: false } }).setup).toEqual({
      ...defaultArrangement,
      loop: false,
    });
  });

  it('that change nothing give the same document', () => {
    expect(edit(tune, { type: 'write changes', text: tune.text })).toBe(tune);
    expect(edit(tune, { type: 'set field', field: 'key', value: 'C' })).toBe(tune);
  });

  it('of the changes take the locks along with their chords', () => {
    const later = edit(locked, { type: 'write changes', text: '| Am7 | Dm7 | G7 | C6 |' });
    expect(later.setup.locks.guitar).toMatchObject([{ at: 2, symbol: 'G7' }]);
    const gone = edit(locked, { type: 'write changes', text: '| Dm7 | Db7 | C6 |' });
    expect(gone.setup.locks.guitar).toEqual([]);
  });

  it('split a chord and join it again, and what is said of later chords goes along', () => {
    const split = { at: 0, symbol: 'Dm7', after: 2 };
    const parted = edit(locked, { type: 'split', split, standing: true });
    expect(parted.setup.splits).toEqual([split]);
    expect(parted.setup.locks.guitar).toMatchObject([{ at: 2, symbol: 'G7' }]);
    expect(edit(parted, { type: 'split', split, standing: false })).toEqual(locked);
  });

  it('want notes on top, shape the line, and take both along with their chords', () => {
    const wanted = edit(tune, { type: 'want on top', at: 2, symbol: 'C6', midi: 67 });
    const shaped = edit(wanted, { type: 'shape line', from: 0, to: 2, shape: 'rise' });
    const later = edit(shaped, { type: 'write changes', text: '| Am7 | Dm7 | G7 | C6 |' });
    expect(later.setup.line.notes).toEqual([{ at: 3, symbol: 'C6', midi: 67 }]);
    expect(later.setup.line.spans).toEqual([{ from: 1, to: 3, shape: 'rise' }]);
  });

  it('lock a whole way of voicing at once', () => {
    const locks = [0, 2].map((at) => ({
      at,
      symbol: ['Dm7', 'G7', 'C6'][at]!,
      voicing: voicingOf(tune, at),
    }));
    const all = edit(locked, { type: 'lock all', locks });
    expect(all.setup.locks.guitar.map(({ at }) => at)).toEqual([0, 1, 2]);
  });

  it('lock and unlock one chord', () => {
    expect(locked.setup.locks.guitar).toHaveLength(1);
    expect(edit(locked, { type: 'unlock', at: 1 }).setup.locks.guitar).toEqual([]);
  });
});

describe('undo and redo', () => {
  it('go back and forth over every edit', () => {
    const one = advance(begin('a'), 'b', 0);
    const two = advance(one, 'c', 10);
    expect(undo(two).present).toBe('b');
    expect(undo(undo(two)).present).toBe('a');
    expect(redo(undo(two)).present).toBe('c');
    expect(undo(begin('a')).present).toBe('a');
    expect(redo(two)).toBe(two);
  });

  it('take typing without a pause as one step, and a pause as the end of it', () => {
    let history = begin('');
    history = advance(history, 'D', 1000, 'text');
    history = advance(history, 'Dm', 1100, 'text');
    history = advance(history, 'Dm7', 1100 + PAUSE, 'text');
    expect(undo(history).present).toBe('Dm');
    expect(undo(undo(history)).present).toBe('');
  });

  it('do not mix kinds of edits into one step', () => {
    const typed = advance(begin('a'), 'b', 0, 'text');
    const moved = advance(typed, 'c', 1, 'sliders');
    expect(undo(moved).present).toBe('b');
  });

  it('forget what was taken back once something new is done', () => {
    const history = advance(undo(advance(begin('a'), 'b', 0)), 'c', 1);
    expect(redo(history).present).toBe('c');
    expect(undo(history).present).toBe('a');
  });

  it('group typing, sliders and trying alternatives of one chord, but not choices', () => {
    expect(groupOf({ type: 'write changes', text: '' })).toBe('text');
    expect(groupOf({ type: 'set up', change: { instrument: 'keyboard' } })).toBeUndefined();
    const voicing = voicingOf(tune, 1);
    expect(groupOf({ type: 'lock', at: 1, symbol: 'G7', voicing })).toBe('lock 1');
  });
});

describe('moving a tune to another key', () => {
  const move = (document: TuneDocument, semitones: number): TuneDocument =>
    edit(document, { type: 'transpose', semitones });
  it('moves the changes, and the key of the tune with them', () => {
    expect(move(tune, 3)).toMatchObject({ text: '| Fm7 | Bb7 | Eb6 |', key: 'Eb' });
    expect(move(move(tune, 3), -3)).toEqual(tune);
  });
  it('moves the key in the text where the text names one, and leaves the other', () => {
    const named = { ...tune, text: 'key: G\n| Am7 | D7 | G6 |' };
    expect(move(named, -2)).toMatchObject({ text: 'key: F\n| Gm7 | C7 | F6 |', key: 'C' });
  });
  it('leaves prose and charts that are too long alone, for they would not come back whole', () => {
    const long = { ...tune, text: '| C6 '.repeat(600) };
    expect(move(long, 1)).toBe(long);
  });
  it('is one step of undo, and so is each edit in the sheet', () => {
    expect(groupOf({ type: 'transpose', semitones: 1 })).toBeUndefined();
    expect(groupOf({ type: 'edit chart', text: '| C |' })).toBeUndefined();
    expect(edit(tune, { type: 'edit chart', text: tune.text })).toBe(tune);
    expect(edit(tune, { type: 'edit chart', text: '| F6 |' }).text).toBe('| F6 |');
  });
});

describe('comping', () => {
  const hit = {
    ...{ bar: 2, at: ticks(0), length: ticks(240) },
    ...({ hold: 'short', touch: 'plain', accent: false } as const),
  };
  const device = {
    ...{ at: 1, symbol: 'G7', chorus: 0 },
    ...({ device: 'sus', variant: '4 to 3' } as const),
  };
  const comped = edit(tune, { type: 'comp', change: { hits: [hit], devices: [device] } });

  it('changes what it names and nothing else', () => {
    expect(comped.setup).toEqual({
      ...defaultArrangement,
      comp: { ...defaultArrangement.comp, hits: [hit], devices: [device] },
    });
  });

  it('follows its bars and chords when bars are put in before them', () => {
    const longer = edit(comped, { type: 'write changes', text: '| A7 | Dm7 | G7 | C6 |' });
    expect(longer.setup.comp.hits).toEqual([{ ...hit, bar: 3 }]);
    expect(longer.setup.comp.devices).toEqual([{ ...device, at: 2 }]);
  });

  it('is undone together where one thing is pulled at without a pause', () => {
    const change = { hits: [] };
    expect(groupOf({ type: 'comp', change, what: 'nudge' })).toBe('nudge');
    expect(groupOf({ type: 'comp', change })).toBeUndefined();
  });
});

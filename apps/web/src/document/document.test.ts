import {
  chorusOf,
  connect,
  defaultArrangement,
  deleteBar,
  heldLocks,
  parseChart,
  settingsOf,
  ticks,
  type Arrangement,
  type Voicing,
} from '@drop-close/core';
import { tuneOf } from '../testing/tunes';
import { edit as editWith, groupOf, type DocumentAction } from './actions';
import { PAUSE, advance, begin, redo, undo } from '../saving/history';
import { chartOf, inHand } from './reading';
import type { TuneDocument } from './types';

const tune = tuneOf('| Dm7 | G7 | C6 |');

/** An edit with names of its own, as the page makes one. */
let edits = 0;
function edit(document: TuneDocument, action: DocumentAction): TuneDocument {
  edits += 1;
  return editWith(document, action, `edit ${edits}`);
}
/** The arrangement of a document as its player has it in hand. */
const setupIn = (document: TuneDocument): Arrangement => inHand(document).setup;

function voicingOf(document: TuneDocument, index: number): Voicing {
  const chorus = chorusOf(parseChart(document.text).chart);
  const outcome = connect(chorus.chords, settingsOf(setupIn(document), chorus));
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
    expect(setupIn(edit(tune, { type: 'set up', change: { loop: false } }))).toEqual({
      ...defaultArrangement,
      loop: false,
    });
  });

  it('that change nothing give the same document', () => {
    expect(edit(tune, { type: 'write changes', text: tune.text })).toBe(tune);
    expect(edit(tune, { type: 'set field', field: 'key', value: 'C' })).toBe(tune);
  });

  it('keep scales for chords, let them go, and open them for voicings', () => {
    const open = { scale: 'altered', on: 0 } as const;
    const kept = edit(tune, { type: 'keep scales', kept: [{ at: 1, symbol: 'G7', open }] });
    expect(setupIn(kept).scales).toEqual([{ at: 1, symbol: 'G7', ...open }]);
    expect(setupIn(kept).pools).toEqual([]);
    const voiced = edit(kept, { type: 'voice with scales' });
    expect(setupIn(voiced).pools).toEqual([{ at: 1, symbol: 'G7', ...open }]);
    const none = [{ at: 1, symbol: 'G7', open: undefined }];
    expect(setupIn(edit(kept, { type: 'keep scales', kept: none })).scales).toEqual([]);
    const later = edit(kept, { type: 'write changes', text: '| Am7 | Dm7 | G7 | C6 |' });
    expect(setupIn(later).scales).toEqual([{ at: 2, symbol: 'G7', ...open }]);
  });

  it('of the changes take the locks along with their chords', () => {
    const later = edit(locked, { type: 'write changes', text: '| Am7 | Dm7 | G7 | C6 |' });
    expect(setupIn(later).locks.guitar).toMatchObject([{ at: 2, symbol: 'G7' }]);
    const gone = edit(locked, { type: 'write changes', text: '| Dm7 | Db7 | C6 |' });
    const { chords } = chorusOf(chartOf(gone).chart);
    const { held, fallen } = heldLocks(setupIn(gone), chords);
    expect(held).toEqual([]);
    expect(fallen.map(({ why }) => why)).toEqual(['the chord has changed']);
  });

  it('split a chord and join it again, and what is said of later chords goes along', () => {
    const split = { at: 0, symbol: 'Dm7', after: 2 };
    const parted = edit(locked, { type: 'split', split, standing: true });
    expect(setupIn(parted).splits).toEqual([split]);
    expect(setupIn(parted).locks.guitar).toMatchObject([{ at: 2, symbol: 'G7' }]);
    expect(edit(parted, { type: 'split', split, standing: false })).toEqual(locked);
  });

  it('want notes on top, shape the line, and take both along with their chords', () => {
    const wanted = edit(tune, { type: 'want on top', at: 2, symbol: 'C6', midi: 67 });
    const shaped = edit(wanted, { type: 'shape line', from: 0, to: 2, shape: 'rise' });
    const later = edit(shaped, { type: 'write changes', text: '| Am7 | Dm7 | G7 | C6 |' });
    expect(setupIn(later).line.notes).toEqual([{ at: 3, symbol: 'C6', midi: 67 }]);
    expect(setupIn(later).line.spans).toEqual([{ from: 1, to: 3, shape: 'rise' }]);
  });

  it('lock a whole way of voicing at once', () => {
    const locks = [0, 2].map((at) => ({
      at,
      symbol: ['Dm7', 'G7', 'C6'][at]!,
      voicing: voicingOf(tune, at),
    }));
    const all = edit(locked, { type: 'lock all', locks });
    expect(setupIn(all).locks.guitar.map(({ at }) => at)).toEqual([0, 1, 2]);
  });

  it('lock and unlock one chord', () => {
    expect(setupIn(locked).locks.guitar).toHaveLength(1);
    expect(setupIn(edit(locked, { type: 'unlock', at: 1 })).locks.guitar).toEqual([]);
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
    const { weights } = defaultArrangement;
    expect(groupOf({ type: 'set up', change: { weights } })).toBeUndefined();
    const drag = 'slider motion';
    expect(groupOf({ type: 'set up', change: { weights }, drag })).toBe(drag);
    const voicing = voicingOf(tune, 1);
    expect(groupOf({ type: 'lock', at: 1, symbol: 'G7', voicing })).toBe('lock 1');
  });
});

describe('a title in the text', () => {
  it('is the name of the tune, and is rewritten where the name is', () => {
    const named = edit(tune, { type: 'write changes', text: `title: Low Water\n${tune.text}` });
    expect(named.title).toBe('Low Water');
    const renamed = edit(named, { type: 'set field', field: 'title', value: 'Neap' });
    expect(renamed).toMatchObject({ title: 'Neap', text: `title: Neap\n${tune.text}` });
    expect(edit(named, { type: 'write changes', text: tune.text }).title).toBe('Low Water');
  });
});

describe('moving a tune to another key', () => {
  const move = (document: TuneDocument, semitones: number): TuneDocument =>
    edit(document, { type: 'transpose', semitones });
  it('moves the changes, and the key of the tune with them', () => {
    expect(move(tune, 3)).toMatchObject({ text: '| Fm7 | Bb7 | Eb6 |', key: 'Eb' });
    expect(move(tune, 3).places.transposed).toBe(3);
    expect(move(move(tune, 3), -3)).toEqual(tune);
  });
  it('moves the key in the text where the text names one, and leaves the other', () => {
    const named = tuneOf('key: G\n| Am7 | D7 | G6 |');
    expect(move(named, -2)).toMatchObject({ text: 'key: F\n| Gm7 | C7 | F6 |', key: 'C' });
  });
  it('leaves prose and charts that are too long alone, for they would not come back whole', () => {
    const long = tuneOf('| C6 '.repeat(600));
    expect(move(long, 1)).toBe(long);
  });
  it('is one step of undo, and so is each edit in the sheet', () => {
    expect(groupOf({ type: 'transpose', semitones: 1 })).toBeUndefined();
    const { chart } = chartOf(tune);
    expect(groupOf({ type: 'edit chart', chart })).toBeUndefined();
    expect(edit(tune, { type: 'edit chart', chart })).toBe(tune);
    const shorter = edit(tune, { type: 'edit chart', chart: deleteBar(chart, 0) });
    expect(shorter.text).toBe('| G7 | C6 |');
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
    expect(setupIn(comped)).toEqual({
      ...defaultArrangement,
      comp: { ...defaultArrangement.comp, hits: [hit], devices: [device] },
    });
  });

  it('follows its bars and chords when bars are put in before them', () => {
    const longer = edit(comped, { type: 'write changes', text: '| A7 | Dm7 | G7 | C6 |' });
    expect(setupIn(longer).comp.hits).toEqual([{ ...hit, bar: 3 }]);
    expect(setupIn(longer).comp.devices).toEqual([{ ...device, at: 2 }]);
  });

  it('is undone together where one thing is pulled at without a pause', () => {
    const change = { hits: [] };
    expect(groupOf({ type: 'comp', change, what: 'nudge' })).toBe('nudge');
    expect(groupOf({ type: 'comp', change })).toBeUndefined();
  });
});

import { defaultArrangement } from './arrangement';
import { followChords, withSplit } from './follow';
import type { Arrangement, LineSpan } from './types';

const symbols = ['Dm7', 'G7', 'C6', 'A7'];
const marked: Arrangement = {
  ...defaultArrangement,
  splits: [{ at: 1, symbol: 'G7', after: 2 }],
  line: {
    notes: [
      { at: 0, symbol: 'Dm7', midi: 69 },
      { at: 3, symbol: 'C6', midi: 67 },
    ],
    spans: [{ from: 3, to: 4, shape: 'rise' }],
    keepTop: false,
  },
};
const notes = ({ line }: Arrangement): string => line.notes.map(({ at }) => at).join(' ');
const spans = ({ line }: Arrangement): LineSpan[] => [...line.spans];

describe('splitting a chord', () => {
  const plain: Arrangement = { ...marked, splits: [] };
  const split = { at: 1, symbol: 'G7', after: 2 };
  it('moves what is said of later chords on by one, and joining moves it back', () => {
    const after = withSplit(plain, symbols, split, true);
    expect(after.splits).toEqual([split]);
    expect(notes(after)).toBe('0 4');
    expect(spans(after)).toEqual([{ from: 4, to: 5, shape: 'rise' }]);
    expect(withSplit(after, symbols, split, false)).toEqual(plain);
  });
  it('takes what was said of the joined part with it', () => {
    const note = { at: 2, symbol: 'G7', midi: 65 };
    const onPart = { ...marked, line: { ...marked.line, notes: [note] } };
    expect(withSplit(onPart, symbols, split, false).line.notes).toEqual([]);
  });
  it('does nothing twice, and nothing to a chord that is another by now', () => {
    expect(withSplit(marked, symbols, split, true)).toBe(marked);
    expect(withSplit(plain, ['Dm7', 'Db7', 'C6'], split, true)).toBe(plain);
  });
});

describe('splits and the top line follow their chords through an edit', () => {
  it.each([
    ['a chord put in front', ['F6', ...symbols], '2 G7', '1 4', [4, 5]],
    ['the split chord changed', ['Dm7', 'Db7', 'C6', 'A7'], '', '0 2', [2, 3]],
    ['the last chord taken out', ['Dm7', 'G7', 'C6'], '1 G7', '0 3', []],
  ])('%s', (_, after, splits, tops, span) => {
    const moved = followChords(marked, symbols, after);
    expect(moved.splits.map(({ at, symbol }) => `${at} ${symbol}`).join(' ')).toBe(splits);
    expect(notes(moved)).toBe(tops);
    expect(spans(moved).flatMap(({ from, to }) => [from, to])).toEqual(span);
  });
  it('leaves an arrangement alone that says nothing of single chords', () => {
    expect(followChords(defaultArrangement, symbols, ['C6'])).toBe(defaultArrangement);
  });
});

import { defaultArrangement } from './defaults';
import { withNote, withSpan } from './topLine';

it('wants one note on top of a chord, and none when it is taken back', () => {
  const first = withNote(defaultArrangement, { at: 2, symbol: 'G7', midi: 71 });
  const second = withNote(withNote(first, { at: 0, symbol: 'C', midi: 67 }), {
    ...{ at: 2, symbol: 'G7' },
    midi: 69,
  });
  expect(second.line.notes.map(({ at, midi }) => [at, midi])).toEqual([
    [0, 67],
    [2, 69],
  ]);
  const back = withNote(second, { at: 2, symbol: 'G7', midi: undefined });
  expect(back.line.notes.map(({ at }) => at)).toEqual([0]);
});

it('has one shape for a stretch; stretches may meet at a chord', () => {
  const rise = withSpan(defaultArrangement, { from: 0, to: 4, shape: 'rise' });
  const both = withSpan(rise, { from: 4, to: 8, shape: 'answer' });
  expect(both.line.spans).toHaveLength(2);
  const over = withSpan(both, { from: 2, to: 6, shape: 'hold' });
  expect(over.line.spans).toEqual([{ from: 2, to: 6, shape: 'hold' }]);
  expect(withSpan(over, { from: 3, to: 4, shape: undefined }).line.spans).toEqual([]);
});

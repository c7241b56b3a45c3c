import { parseChart, timeline } from '@drop-close/core';
import { eventAt } from './selection';

const { events } = timeline(parseChart('| Dm7 G7 | C6 | . |').chart);

it.each([
  [1, 1, 0],
  [1, 2, 0],
  [1, 3, 1],
  [2, 1, 2],
  [3, 4, 2],
  [99, 1, 2],
])('bar %i beat %i is chord %i: the last that begins there or before', (bar, beat, index) => {
  expect(eventAt(events, { bar, beat })).toBe(index);
});

it('is the first chord in an empty chart', () => {
  expect(eventAt([], { bar: 3, beat: 1 })).toBe(0);
});

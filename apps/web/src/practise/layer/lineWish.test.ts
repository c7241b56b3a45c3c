import { midi } from '@drop-close/core';
import { withEnd } from './lineWish';

const range = { low: midi(45), high: midi(69) };

it('an end of a range that comes too near moves the other: an octave is the least', () => {
  expect(withEnd(range, { low: 40 })).toEqual({ low: 40, high: 69 });
  expect(withEnd(range, { low: 60 })).toEqual({ low: 60, high: 72 });
  expect(withEnd(range, { high: 50 })).toEqual({ low: 38, high: 50 });
  expect(withEnd(range, { high: 72 })).toEqual({ low: 45, high: 72 });
});

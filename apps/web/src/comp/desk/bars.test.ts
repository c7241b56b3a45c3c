import { barWithin, timeThrough } from './bars';

it('tells which time through a bar is, and which bar of the chorus', () => {
  const bars = [0, 1, 12, 13, 24, 25];
  expect(bars.map((bar) => timeThrough(bar, 12))).toEqual([0, 0, 0, 1, 1, 2]);
  expect(bars.map((bar) => barWithin(bar, 12))).toEqual([0, 1, 12, 1, 12, 1]);
});

it('takes a chorus without bars as it is', () => {
  expect([timeThrough(5, 0), barWithin(5, 0)]).toEqual([0, 5]);
});

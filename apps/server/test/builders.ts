import {
  defaultArrangement,
  parseChart,
  positionsIn,
  storeArrangement,
  type StoredArrangement,
} from '@drop-close/core';

/** A tune as it is sent. */
export const tuneBody = (change: object = {}) => ({
  title: 'Slack Water',
  text: '[A]\n| Dm7 G7 | Cmaj7 |',
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
  ...change,
});

/** An arrangement in which nothing is said of any chord yet. */
export const nothingMarked: StoredArrangement = storeArrangement(
  defaultArrangement,
  positionsIn(parseChart('').chart, { transposed: 0 }),
);

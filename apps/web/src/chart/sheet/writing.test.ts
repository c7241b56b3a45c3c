import { formatChart, parseChart } from '@drop-close/core';
import { after, before } from './cursor';
import { writeAt } from './writing';

const written = (text: string, bar: number, slot: number, word: string, fresh = false): string =>
  formatChart(writeAt(parseChart(text).chart, { bar, slot, fresh }, word));

describe('writing in the laid-out chart', () => {
  it('puts a chord in the place of another', () => {
    expect(written('| C | Dm7 G7 |', 1, 1, 'Db7')).toBe('| C | Dm7 Db7 |');
  });
  it('puts a chord in beside another', () => {
    expect(written('| C | Dm7 |', 1, 1, 'G7', true)).toBe('| C | Dm7 G7 |');
  });
  it('takes a chord out, and holds the one before where the bar would be empty', () => {
    expect(written('| C | Dm7 G7 |', 1, 0, '')).toBe('| C | G7 |');
    expect(written('| C | G7 |', 1, 0, ' ')).toBe('| C | . |');
  });
  it('adds a bar past the last, and none without a chord', () => {
    expect(written('| C |', 1, 0, 'F7')).toBe('| C | F7 |');
    expect(written('', 0, 0, 'C7')).toBe('| C7 |');
    expect(written('| C |', 1, 0, '')).toBe('| C |');
  });
  it('keeps what cannot be read as it was typed', () => {
    expect(written('| C |', 0, 0, 'Gm77')).toBe('| Gm77 |');
  });
  it('changes nothing when the same is written again', () => {
    const { chart } = parseChart('|C  |');
    expect(writeAt(chart, { bar: 0, slot: 0 }, 'C')).toBe(chart);
  });
});

it('walks from slot to slot, over bar lines, and past the end', () => {
  const { chart } = parseChart('| C | Dm7 G7 |');
  expect(after(chart, { bar: 0, slot: 0 })).toEqual({ bar: 1, slot: 0 });
  expect(after(chart, { bar: 1, slot: 0 })).toEqual({ bar: 1, slot: 1 });
  expect(after(chart, { bar: 1, slot: 1 })).toEqual({ bar: 2, slot: 0 });
  expect(before(chart, { bar: 1, slot: 0 })).toEqual({ bar: 0, slot: 0 });
  expect(before(chart, { bar: 0, slot: 0 })).toBeUndefined();
});

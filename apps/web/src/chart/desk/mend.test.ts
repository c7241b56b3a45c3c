import { parseChart } from '@drop-close/core';
import { mended, offsetOf } from './mend';

it('finds a line and column in the text', () => {
  expect(offsetOf('| C |\n| F |', 2, 3)).toBe(8);
});

it('puts the suggestion in the place of the whole word and leaves the rest', () => {
  const text = '[A]\n| Dm7 | Cmjaj7 G7 |\n| F |';
  const [problem] = parseChart(text).problems;
  expect(mended(text, problem!)).toBe('[A]\n| Dm7 | Cmaj7 G7 |\n| F |');
});

it('writes an ending that was a bare number with its bracket', () => {
  const text = '|: C | F |1. G7 :|';
  const [problem] = parseChart(text).problems;
  expect(mended(text, problem!)).toBe('|: C | F |(1 G7 :|');
});

it('has nothing to offer where the engine suggests nothing', () => {
  const [problem] = parseChart('| Xyz |').problems;
  expect(mended('| Xyz |', problem!)).toBeUndefined();
});

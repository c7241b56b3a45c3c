import { parseChart } from '../chart/parseChart';
import { analyzeChart } from './analyzeChart';
import { PROGRESSIONS } from '../testing/progressions';

const numbers = (key: string, text: string): string =>
  analyzeChart(parseChart(`key: ${key}\n${text}`).chart)
    .chords.map(({ numeral }) => numeral)
    .join(' ');
const marks = (key: string, text: string): string =>
  analyzeChart(parseChart(`key: ${key}\n${text}`).chart)
    .landmarks.map(({ kind, fromBar, toBar }) => `${kind} ${fromBar}-${toBar}`)
    .join('; ');
it('is forty progressions or more', () => {
  expect(PROGRESSIONS.length).toBeGreaterThanOrEqual(40);
});

describe('numbers of short progressions (common practice)', () => {
  it.each(PROGRESSIONS)('%s: in %s, %s is %s', (_, key, text, expected) => {
    expect(numbers(key, text)).toBe(expected);
  });
});

describe('landmarks of short progressions (regression only)', () => {
  it.each(PROGRESSIONS)('%s: in %s, %s', (_, key, text, __, landmarks) => {
    expect(marks(key, text)).toBe(landmarks);
  });
});

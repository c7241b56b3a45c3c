import { parseChart } from '../chart/parseChart';
import { TRAVELS } from '../testing/travels';
import { analyzeChart } from './analyzeChart';
import type { ChartAnalysis } from './base/types';

const told = (key: string, text: string): ChartAnalysis =>
  analyzeChart(parseChart(key ? `key: ${key}\n${text}` : text).chart);

it('is thirty rows or more, in as good as every key', () => {
  expect(TRAVELS.length).toBeGreaterThanOrEqual(30);
  const keys = TRAVELS.flatMap(([, , , row]) => row.match(/[A-G][b#]? m\w+/g) ?? []);
  expect(new Set(keys).size).toBeGreaterThanOrEqual(18);
});

describe('changes are told as a teacher tells them (common practice)', () => {
  it.each(TRAVELS)('%s (%s)', (_, key, text, keys, numbers, landmarks) => {
    const heard = told(key, text);
    const areas = heard.keys.map((area) => `${area.key} ${area.fromBar}-${area.toBar}`);
    expect(areas.join(', ')).toBe(keys);
    expect(heard.chords.map(({ numeral }) => numeral).join(' ')).toBe(numbers);
    const lines = heard.landmarks
      .filter(({ saidBy }) => saidBy === undefined)
      .map(({ fromBar, toBar, label }) => `${fromBar}-${toBar} ${label}`);
    expect(lines).toEqual(expect.arrayContaining([...landmarks]));
  });
});

import { leadSheet, parseChart, scaleSheet } from '@drop-close/core';
import { headRoom, leastWidth, needsOf, widthsOf } from './widths';

const sheet = (text: string, key: string) => {
  const { chart } = parseChart(text);
  const tune = { title: 'T', chart, key, tempo: 120, feel: 'swing' } as const;
  return scaleSheet(tune, { kept: [], school: 'by function' });
};
const place = { first: 0, count: 2, height: 100, top: 0, between: 0 };

it('signs need room where they are drawn: not in the key, and again where the letter comes back without it', () => {
  const [inKey] = sheet('| Dm7 |', 'C').parts[0]!.measures;
  const [sameKey] = sheet('| Fm7 |', 'Eb').parts[0]!.measures;
  const [diminished] = sheet('| Ebdim7 |', 'Db').parts[0]!.measures;
  expect(leastWidth(inKey!, 'C')).toBe(leastWidth(sameKey!, 'Eb'));
  expect(leastWidth(sameKey!, 'C')).toBeGreaterThan(leastWidth(sameKey!, 'Eb'));
  expect(leastWidth(diminished!, 'Db')).toBeGreaterThan(leastWidth(inKey!, 'C') + 20);
});

it('every bar has what it needs, and all of the line is used', () => {
  const score = sheet('| Ebdim7 | Dm7 |', 'Db');
  const [first, second] = widthsOf(score, { ...place, width: 600 });
  const needs = needsOf(score);
  expect(first! - headRoom('Db')).toBeGreaterThanOrEqual(needs[0]!);
  expect(second!).toBeGreaterThanOrEqual(needs[1]!);
  expect(first! + second!).toBeCloseTo(599, 6);
});

it('bars of slashes are as wide as each other, but for the meter in the first', () => {
  const { chart } = parseChart('| Dm7 G7 | Cmaj7 |');
  const score = leadSheet({ title: 'T', chart, key: 'C', tempo: 120, feel: 'swing' });
  const [first, second] = widthsOf(score, { ...place, width: 600 });
  expect(first! - headRoom('C') - 26).toBeCloseTo(second!, 6);
});

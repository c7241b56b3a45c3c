import { parseChart, scaleSheet } from '@drop-close/core';
import { systemHeight } from './heights';

const scales = (text: string) => {
  const tune = { title: 'T', chart: parseChart(text).chart, key: 'C', tempo: 120, feel: 'swing' };
  return scaleSheet({ ...tune, feel: 'swing' }, { kept: [], school: 'by function' }).parts[0]!;
};

it('a line whose notes lie low is higher by what they need with their degrees', () => {
  const part = scales('| Cmaj7 |');
  const lower = { ...part, writtenAbove: part.writtenAbove - 24 };
  expect(systemHeight(lower) - systemHeight(part)).toBeGreaterThan(40);
  expect(systemHeight({ ...lower, staves: ['treble', 'tab'] })).toBe(
    systemHeight({ ...part, staves: ['treble', 'tab'] }),
  );
});

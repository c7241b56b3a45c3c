import { parseChart } from '@drop-close/core';
import { headingOf } from './heading';

const tune = { title: 'Slack Water', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' as const };

it('is the tune’s own where the changes say nothing', () => {
  const heading = headingOf(tune, parseChart('| C |').chart.header);
  expect(heading).toMatchObject({ ...tune, meter: { beats: 4, unit: 4 } });
});

it('is what the changes say where they say it', () => {
  const text = 'title: Night Boat\nkey: Ab\nmeter: 3/4\ntempo: 172\nfeel: waltz\n| C |';
  expect(headingOf(tune, parseChart(text).chart.header)).toMatchObject({
    title: 'Night Boat',
    key: 'Ab',
    meter: { beats: 3, unit: 4 },
    tempo: 172,
    feel: 'waltz',
  });
});

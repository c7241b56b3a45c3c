import { formatMeter } from '../chart/meter';
import { parseChart } from '../chart/parseChart';
import { demoTexts } from '../testing/demo';
import { chartFile } from './chartFile';
import { readPasted } from './incoming/readPasted';

it('a tune as a text file is the same tune when it is brought in again, every demo tune', () => {
  for (const text of demoTexts()) {
    const { header } = parseChart(text).chart;
    const changes = text.replace(/^[a-z]+:(?!\|).*$/gm, '').trim();
    const pickup = header.pickup === undefined ? '' : `pickup: ${header.pickup}\n`;
    const tune = {
      ...{ title: 'Käpt’n 縄', text: pickup + changes, key: header.key ?? 'C' },
      ...{ meter: formatMeter(header.meter!), tempo: 97, feel: header.feel ?? 'swing' },
    };
    const { tunes } = readPasted(chartFile(tune));
    expect(tunes).toHaveLength(1);
    const { fields, problems } = tunes[0]!;
    expect(problems).toEqual([]);
    expect(fields).toMatchObject({ ...tune, text: expect.stringContaining(changes) as string });
    expect(chartFile(fields)).toBe(chartFile(tune));
  }
});

it('what the text says itself is not said twice, and what cannot be read stays', () => {
  const tune = {
    ...{ title: 'Oars', text: 'key: F\n| Fx7 | C7 |', key: 'F', meter: '4/4', tempo: 120 },
    feel: 'swing' as const,
  };
  expect(chartFile(tune)).toBe(
    'title: Oars\nmeter: 4/4\ntempo: 120\nfeel: swing\nkey: F\n| Fx7 | C7 |\n',
  );
});

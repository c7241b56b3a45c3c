import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import {
  connect,
  defaultArrangement,
  families,
  parseChart,
  parseMeter,
  settingsOf,
  timeline,
} from '@drop-close/core';
import { readDemo } from '../src/demo/readDemo';

const DEMO = resolve(__dirname, '../../../demo');

it('holds six tunes, each with all that the book shows', async () => {
  const tunes = await readDemo(DEMO);
  expect(tunes).toHaveLength(6);
  expect(tunes.map(({ title }) => title)).toContain('Bilge Lamp Blues');
});

it('voices whole on both instruments in every family', async () => {
  for (const tune of await readDemo(DEMO)) {
    const { chart } = parseChart(tune.text, parseMeter(tune.meter));
    const chords = timeline(chart).events.map((event) => event.chord);
    expect(chords.length).toBeGreaterThan(10);
    for (const instrument of ['guitar', 'keyboard'] as const) {
      for (const family of families) {
        const arrangement = { ...defaultArrangement, instrument, families: [family.id] };
        const outcome = connect(chords, settingsOf(arrangement, chords));
        expect(`${tune.title}, ${family.label}, ${instrument}: ${outcome.status}`).toBe(
          `${tune.title}, ${family.label}, ${instrument}: found`,
        );
      }
    }
  }
});

it('names the file and the line of a demo tune that cannot be read', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'demo-'));
  await writeFile(join(folder, 'broken.txt'), 'title: X\n| Hm7 |');
  await expect(readDemo(folder)).rejects.toThrow('broken.txt, line 2: Hm7: A chord starts');
});

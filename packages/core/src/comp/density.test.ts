import { defaultArrangement } from '../arrangement/stored/defaults';
import { ticks } from '../base/units';
import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import type { SoundingHit } from './base/sounding';
import { densityByBar } from './density';

const { comp } = defaultArrangement;
const hit = (at: number, end: number): SoundingHit =>
  ({ hit: comp.hits[0], chord: 0, at: ticks(at), end: ticks(end) }) as unknown as SoundingHit;
const time = timeline(parseChart('| C6 | F6 | C6 |').chart);

it('a bar of four short quarters is four hits, and sounds half of the time', () => {
  const quarters = [0, 480, 960, 1440].map((at) => hit(at, at + 240));
  expect(densityByBar(quarters, time)).toEqual([
    { bar: 1, at: 0, end: 1920, hits: 4, sounds: 0.5 },
    { bar: 2, at: 1920, end: 3840, hits: 0, sounds: 0 },
    { bar: 3, at: 3840, end: 5760, hits: 0, sounds: 0 },
  ]);
});

it('a chord that rings over the bar line counts where it begins, and sounds in both bars', () => {
  const [first, second] = densityByBar([hit(960, 2880)], time);
  expect([first!.hits, first!.sounds, second!.hits, second!.sounds]).toEqual([1, 0.5, 0, 0.5]);
});

it('a pickup is a bar of its own, before the first', () => {
  const picked = timeline(parseChart('pickup: 1\n| G7 | C6 | C6 |').chart);
  const [pickup, first] = densityByBar([hit(-480, 0), hit(0, 1920)], picked);
  expect(pickup).toMatchObject({ bar: 0, at: -480, end: 0, hits: 1, sounds: 1 });
  expect(first).toMatchObject({ bar: 1, hits: 1, sounds: 1 });
});

import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import { phrasesOf } from './phrases';
import { standInLine, type StandInRequest } from './standIn';

const TUNE = '| Dm7 G7 | Cmaj7 A7b9 | Dm7 | G7 | Em7b5 A7 | Dm7 | Bb7 | Cmaj7 |';

const request = (change: Partial<StandInRequest> = {}, text = TUNE): StandInRequest => ({
  timeline: timeline(parseChart(text).chart),
  density: 3,
  range: { low: 55, high: 80 },
  seed: 1,
  ...change,
});

const SEEDS = Array.from({ length: 20 }, (_, seed) => seed);

it('plays the same line from the same seed, and another from another', () => {
  expect(standInLine(request())).toEqual(standInLine(request()));
  const lines = SEEDS.map((seed) => JSON.stringify(standInLine(request({ seed }))));
  expect(new Set(lines).size).toBe(SEEDS.length);
});

it('stays in its range, on the grid, one note at a time but for the held last ones', () => {
  for (const seed of SEEDS) {
    const line = standInLine(request({ seed, range: { low: 60, high: 72 } }));
    for (const { midi, at } of line) {
      expect(midi).toBeGreaterThanOrEqual(60);
      expect(midi).toBeLessThanOrEqual(72);
      expect(at % 240).toBe(0);
    }
    line.slice(1).forEach(({ at }, i) => {
      expect(at).toBeGreaterThanOrEqual(line[i]!.at + 240);
    });
  }
});

it('rests between phrases, and plays more the denser it is', () => {
  const counts = ([1, 2, 3] as const).map((density) =>
    SEEDS.reduce((sum, seed) => sum + standInLine(request({ density, seed })).length, 0),
  );
  expect(counts).toEqual([...counts].sort((a, b) => a - b));
  expect(new Set(counts).size).toBe(3);
  for (const seed of SEEDS) {
    const phrases = phrasesOf(standInLine(request({ density: 1, seed })));
    expect(phrases.length).toBe(4);
  }
});

it('comes to a guide tone where a chord begins, from a half step above and below (common practice)', () => {
  const { events } = request().timeline;
  let aims = 0;
  for (const seed of SEEDS) {
    const line = standInLine(request({ seed }));
    for (const event of events) {
      const at = line.findIndex((note) => note.at === event.at * 480);
      const [twoBefore, before, aim] = [line[at - 2], line[at - 1], line[at]];
      const runs = twoBefore && before && aim && aim.at - twoBefore.at === 480;
      if (at < 2 || !runs || event.chord.kind !== 'chord') continue;
      // At either end of the range it comes from the one side there is.
      if (aim.midi === 55 || aim.midi === 80) continue;
      const guides = event.chord.tones
        .filter(
          ({ degree }) => event.chord.kind === 'chord' && event.chord.guideTones.includes(degree),
        )
        .map(({ note }) => pitchClassOf(note));
      expect(guides).toContain(pitchClass(aim.midi));
      expect([twoBefore.midi - aim.midi, before.midi - aim.midi]).toEqual([1, -1]);
      aims += 1;
    }
  }
  expect(aims).toBeGreaterThan(50);
});

it('is silent where the chart is, and over no chart', () => {
  const line = standInLine(request({}, '| N.C. | N.C. | C6 | C6 |'));
  expect(line.length).toBeGreaterThan(0);
  expect(Math.min(...line.map(({ at }) => at))).toBeGreaterThanOrEqual(2 * 1920);
  expect(standInLine(request({}, ''))).toEqual([]);
});

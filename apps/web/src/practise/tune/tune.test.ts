import { chorusOf, LAYER_RANGES, layerLine, parseChart, timeline } from '@drop-close/core';
import { demoTexts } from '../../testing/demo';
import { layoutThreads } from '../../voice/threads/threadLayout';
import { ladderRows } from '../ladder/ladderRows';
import { functionHeads, stepsFromHome } from './functionPath';
import { lineHeads, lineScale } from './lineLayout';
import { sectionsOf } from './sections';

const timeOf = (text: string) => timeline(parseChart(text).chart);

describe('the sections of a tune', () => {
  const named = (text: string) =>
    sectionsOf(timeOf(text)).map(({ name, fromBar, toBar }) => `${name} ${fromBar}-${toBar}`);
  it('are each where it comes first, with its bars', () => {
    expect(named('[A]\n| C | F |\n[B]\n| G | C | G |')).toEqual(['A 1-2', 'B 3-5']);
  });
  it('are none where there is only one, or none is named', () => {
    expect(named('[Blues]\n| C7 | F7 |')).toEqual([]);
    expect(named('| C | F |')).toEqual([]);
  });
});

describe('the chart to be recalled', () => {
  it('stands as it is written: what is repeated, once', () => {
    const rows = ladderRows(timeOf('[A]\n|: C | F :|\n[B]\n| G | C |'));
    const shown = rows.map(({ section, bars }) => [
      section,
      bars.map(({ events }) => events.map(({ chord }) => chord.symbol).join(' ')).join(' | '),
    ]);
    expect(shown).toEqual([
      ['A', 'C | F'],
      ['B', 'G | C'],
    ]);
  });
});

describe('a line over its bars', () => {
  const time = timeOf('| Dm7 G7 | Cmaj7 | A7 | Dm7 | G7 |');
  const line = layerLine('roots', time, { range: LAYER_RANGES.guitar.roots, pace: 'quarters' });
  const scale = lineScale(line);
  const systems = layoutThreads({ timeline: time, path: [], changes: [] }, scale, 800);
  const heads = systems.map((system) => lineHeads(line, system, time, scale));

  it('has every note once, in the system of its bar', () => {
    expect(heads.flat().map(({ at }) => at)).toEqual(line.map((_, at) => at));
    expect(heads).toHaveLength(2);
  });
  it('goes from left to right inside its bar, higher notes higher on the page', () => {
    heads.forEach((own, system) => {
      const xs = own.map(({ x }) => x);
      expect(xs).toEqual([...xs].sort((a, b) => a - b));
      const last = systems[system]!.bars.at(-1)!;
      for (const { until } of own) expect(until).toBeLessThanOrEqual(last.x + last.width);
    });
    const all = heads.flat();
    const top = all.reduce((a, b) => (b.note.midi > a.note.midi ? b : a));
    expect(top.y).toBe(Math.min(...all.map(({ y }) => y)));
    expect(Math.max(...all.map(({ y }) => y))).toBeLessThan(scale.height);
  });
});

describe('the way from home and back', () => {
  it('is lowest at home and highest on the dominant; what passes lies between its neighbours', () => {
    const steps = stepsFromHome([
      'tonic',
      'predominant',
      'passing',
      'dominant',
      undefined,
      'tonic',
    ]);
    expect(steps).toEqual([0, 1, 1.5, 2, undefined, 0]);
  });
  it('what passes at the beginning or the end lies where its one neighbour is', () => {
    expect(stepsFromHome(['passing', 'dominant', 'passing'])).toEqual([2, 2, 2]);
    expect(stepsFromHome(['passing'])).toEqual([0]);
  });
  it('has every chord once, up to the next, but where none sounds', () => {
    const time = timeOf('| Dm7 G7 | Cmaj7 | N.C. | Dm7 | G7 |');
    const systems = layoutThreads({ timeline: time, path: [], changes: [] }, lineScale([]), 800);
    const steps = [1, 2, 0, undefined, 1, 2];
    const heads = systems.map((system) => functionHeads(system, steps));
    expect(heads.flat().map(({ index }) => index)).toEqual([0, 1, 2, 4, 5]);
    const [dm, g, c] = heads[0]!;
    expect(dm!.until).toBe(g!.x);
    expect(g!.until).toBe(c!.x);
  });
});

it('every chord of every demo tune that has a number lies somewhere on the way from home and back', () => {
  let chords = 0;
  for (const text of demoTexts()) {
    const { analysis } = chorusOf(parseChart(text).chart);
    const steps = stepsFromHome(
      analysis.chords.map(({ numeral, function: name }) => (numeral ? name : undefined)),
    );
    analysis.chords.forEach(({ numeral, function: name }, at) => {
      const step = steps[at];
      expect(step === undefined).toBe(!numeral);
      if (name === 'tonic') expect(step).toBe(0);
      if (name === 'predominant') expect(step).toBe(1);
      if (name === 'dominant') expect(step).toBe(2);
      chords += 1;
    });
  }
  expect(chords).toBeGreaterThan(350);
});

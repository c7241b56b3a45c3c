import { parseChart } from '../chart/parseChart';
import { openedBy } from '../chord/openedBy';
import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { PROGRESSIONS } from '../testing/progressions';
import { analyzeChart } from './analyzeChart';
import { panelScales } from './panelScales';

const chordsOf = (key: string, text: string) =>
  analyzeChart(parseChart(`key: ${key}\n${text}`).chart).chords;

describe('the scales of a chord panel that can be opened over it', () => {
  // Common practice: one minor sound over ii and V, melodic minor on the third of a half-diminished chord.
  it.each([
    ['C', '| Dm7 | G7 | Cmaj7 | . |', 1, 'D Dorian'],
    ['C', '| Dm7 | G7 | Cmaj7 | . |', 1, 'D minor sixth-diminished'],
    ['Cm', '| Dm7b5 | G7b9 | Cm6 | . |', 0, 'F melodic minor'],
    ['C', '| Dm7 | G7 | Cmaj7 | . |', 0, 'F major sixth-diminished'],
  ])('are those on other roots too: in %s, %s, chord %i from 0, %s', (key, text, at, name) => {
    expect(panelScales(chordsOf(key, text)[at]!).map((each) => each.name)).toContain(name);
  });

  it('are none that contradict it: F melodic minor has no B for G7', () => {
    const [, dominant] = chordsOf('Cm', '| Dm7b5 | G7b9 | Cm6 | . |');
    expect(panelScales(dominant!).map(({ name }) => name)).toEqual(['Ab melodic minor']);
  });

  it('open just the notes the panel names', () => {
    let opened = 0;
    for (const [, key, text] of PROGRESSIONS) {
      for (const analysis of chordsOf(key, text)) {
        if (analysis.symbol === 'N.C.') continue;
        const written = chord(analysis.symbol);
        for (const { name, open } of panelScales(analysis)) {
          const pool = analysis.scales.find((each) => each.name === name)!;
          const notes = new Set(pool.notes.map((note) => pitchClassOf(note) as number));
          const { tones, scale = [], opened: isOpen } = openedBy(written, open);
          expect([name, isOpen, scale.length]).toEqual([name, true, notes.size]);
          expect(tones.every(({ note }) => notes.has(pitchClassOf(note)))).toBe(true);
          opened += 1;
        }
      }
    }
    expect(opened).toBeGreaterThan(20);
  });
});

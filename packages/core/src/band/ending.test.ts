import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { chord } from '../testing/builders';
import { defaultVoicingSettings } from '../voicing/data';
import { enumerateVoicings } from '../voicing/enumerate';
import { inChoruses, withEnding } from './ending';
import { bandPlan } from './plan';

const TIME = timeline(parseChart('| C6 | A7 | Dm7 | G7 | Em7 | A7 | Dm7 | G7 |').chart);
const shells = (symbol: string) =>
  enumerateVoicings(chord(symbol), { ...defaultVoicingSettings, families: ['shell'] })[0]!;
const path = TIME.events.map((event) => shells(event.chord.symbol));
const plan = bandPlan({ timeline: TIME, path, feel: 'swing', tempo: 120 });
const final = { chord: chord('C6'), voicing: shells('C6') };

describe('an ending (common practice)', () => {
  it('is the tonic, held by all for two bars after the last', () => {
    const ended = withEnding(plan, 'held', final, TIME);
    expect(ended.length).toBe(plan.length + 8);
    const last = ended.notes.filter(({ at }) => at >= plan.length);
    expect(new Set(last.map(({ part }) => part))).toEqual(new Set(['comp', 'bass', 'drums']));
    expect(last.find(({ part }) => part === 'bass')!.midi % 12).toBe(0);
    const comp = last.filter(({ part }) => part === 'comp');
    expect(comp.map(({ midi }) => midi)).toEqual(final.voicing.notes.map(({ midi }) => midi));
    for (const { at, length } of comp) expect(at + length).toBeCloseTo(ended.length, 9);
  });
  it('with a tag plays the last four bars three times in all, the soloist but once', () => {
    const ended = withEnding(plan, 'tag', final, TIME);
    expect(ended.length).toBe(plan.length + 2 * 16 + 8);
    const bass = (from: number, to: number) =>
      ended.notes
        .filter(({ part, at }) => part === 'bass' && at >= from && at < to)
        .map(({ midi, at }) => `${midi}@${at - from}`);
    expect(bass(16, 32).length).toBeGreaterThan(0);
    expect(bass(32, 48)).toEqual(bass(16, 32));
    expect(bass(48, 64)).toEqual(bass(16, 32));
  });
  it('shows the bars a tag repeats, and the last moment while the chord is held', () => {
    const ended = withEnding(plan, 'tag', final, TIME);
    expect([0, 31, 32, 47, 48, 63, 64, 70].map((at) => inChoruses(ended, at))).toEqual([
      0, 31, 16, 31, 16, 31, 32, 32,
    ]);
    expect(inChoruses(plan, 12)).toBe(12);
  });
});

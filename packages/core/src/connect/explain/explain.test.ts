import { chords } from '../../testing/builders';
import { defaultGuitar, defaultKeyboard } from '../../voicing/data';
import type { Degree } from '../../chord/degrees';
import type { Voicing } from '../../voicing/base/types';
import { midi } from '../../base/units';
import { changesOf } from '../changes';
import { connect } from '../connect';
import { defaultSettings } from '../base/data';
import type { Connected, ConnectSettings } from '../base/types';
import { costByTerm } from './costs';
import { walkingLines } from './lines';
import { resolutionsOf } from './resolutions';
import { profileByBar, shiftsOf, summaryOf } from './summary';
import { threadsOf } from './threads';
import { timeline } from '../../chart/timeline';
import { parseChart } from '../../chart/parseChart';

const keys: ConnectSettings = {
  ...defaultSettings,
  instrument: defaultKeyboard,
  families: ['close', 'drop2'],
};
function found(symbols: string, settings = keys): Connected {
  const outcome = connect(chords(symbols), settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  return outcome;
}
/** Voicings given as pitch and degree, bottom to top. */
const voicing = (...notes: [number, Degree][]): Voicing => ({
  family: 'own',
  ease: 'easy',
  notes: notes.map(([pitch, degree]) => ({ midi: midi(pitch), degree, note: 'C', hand: 'right' })),
});
const resolutions = (symbols: string, from: Voicing, to: Voicing): string[] => {
  const both = chords(symbols);
  const [change] = changesOf(both, [from, to], keys);
  return resolutionsOf(change!, [from, to], [both[0]!, both[1]!]).map(
    ({ from: degree, asks, met }) => `${degree}-${asks} ${met ? 'met' : 'missed'}`,
  );
};

describe('resolutions (common practice)', () => {
  it('are 7 to 3 and b9 to 5 where roots fall a fifth', () => {
    const dominant = voicing([59, '3'], [65, 'b7'], [68, 'b9']);
    const tonic = voicing([59, '7'], [64, '3'], [67, '5']);
    expect(resolutions('G7b9 Cmaj7', dominant, tonic)).toEqual(['b7-3 met', 'b9-5 met']);
  });
  it('are missed where the voice goes elsewhere or ends', () => {
    const dominant = voicing([59, '3'], [65, 'b7']);
    expect(resolutions('G7 C', dominant, voicing([60, 'R'], [67, '5']))).toEqual(['b7-3 missed']);
    expect(resolutions('G7 C', dominant, voicing([60, 'R']))).toEqual(['b7-3 missed']);
  });
  it('are 4 to 3 over one root', () => {
    const sus = voicing([60, '4'], [65, 'b7']);
    expect(resolutions('G7sus4 G7', sus, voicing([59, '3'], [65, 'b7']))).toEqual(['4-3 met']);
    expect(resolutions('G7sus4 G7', sus, voicing([62, '5'], [65, 'b7']))).toEqual(['4-3 missed']);
  });
  it('are none where roots move otherwise', () => {
    const from = voicing([59, '3'], [65, 'b7']);
    expect(resolutions('G7 Am7', from, voicing([60, 'b3'], [67, 'b7']))).toEqual([]);
  });
});

describe('lines that walk', () => {
  const cliche = ['R', '7', 'b7', '6'] as const;
  const path = cliche.map((degree, i) =>
    voicing([60, 'b3'], [64, '5'], [69 - i, degree], [72, 'b3']),
  );
  const symbols = 'Am AmMaj7 Am7 Am6';
  const changes = changesOf(chords(symbols), path, keys);
  it('are found in the middle: root, 7, b7, 6 over minor (common practice)', () => {
    const [line, ...rest] = walkingLines(path, changes);
    expect(rest).toEqual([]);
    expect(line).toMatchObject({ from: 0, to: 3, falling: true, chromatic: true, where: 'inner' });
    expect(line!.notes.map(({ degree }) => degree)).toEqual(cliche);
  });
  it('need three steps one way', () => {
    expect(walkingLines(path.slice(0, 3), changes.slice(0, 2))).toEqual([]);
    const turning = [60, 61, 62, 61, 60].map((pitch) => voicing([pitch, 'R'], [72, '5']));
    expect(walkingLines(turning, changesOf(chords('C C C C C'), turning, keys))).toEqual([]);
  });
  it('may turn, and then are two', () => {
    const turning = [60, 62, 64, 65, 64, 62, 60].map((pitch) => voicing([pitch, 'R'], [76, '5']));
    const lines = walkingLines(turning, changesOf(chords('C C C C C C C'), turning, keys));
    expect(lines.map(({ from, to, falling }) => [from, to, falling])).toEqual([
      [0, 3, false],
      [3, 6, true],
    ]);
    expect(lines.every(({ where, chromatic }) => where === 'bottom' && !chromatic)).toBe(true);
  });
});

describe('voices followed through a chorus', () => {
  it('each sound in every chord from where they enter to where they end', () => {
    const path = [
      voicing([60, 'R'], [67, '5']),
      voicing([55, 'R'], [60, '5'], [67, '3']),
      voicing([60, 'R']),
    ];
    const threads = threadsOf(path, changesOf(chords('C F C'), path, keys));
    expect(threads.map(({ from, voices }) => `${from}: ${voices.join(' ')}`)).toEqual([
      '0: 0 1 0',
      '0: 1 2',
      '1: 0',
    ]);
  });
});

describe('a chorus in figures', () => {
  const symbols = 'Dm7 G7 Cmaj7 Cmaj7';
  it('counts motion, resolutions and grips of a ii V I (arithmetic)', () => {
    const { path, changes } = found(symbols);
    const summary = summaryOf({
      chords: chords(symbols),
      path,
      changes,
      instrument: defaultKeyboard,
    });
    expect(summary).toMatchObject({
      motion: 6,
      motionPerChange: 2,
      leaps: 0,
      resolutions: { met: 2, asked: 2 },
      grips: 3,
      chords: 4,
    });
    expect(summary.longestHeld).toMatchObject({ chords: 3 });
    expect(summary.handTravelMm).toBeUndefined();
  });
  it('measures the hand on strings: travel and the widest grip', () => {
    const settings = { ...keys, instrument: defaultGuitar, families: ['drop2' as const] };
    const { path, changes } = found(symbols, settings);
    const request = { chords: chords(symbols), path, changes, instrument: defaultGuitar };
    const { handTravelMm, hardest } = summaryOf(request);
    expect(handTravelMm).toBe(Math.round(shiftsOf(request).reduce((sum, mm) => sum + mm, 0)));
    expect(hardest?.stretchMm).toBe(Math.max(...path.map(({ stretchMm = 0 }) => stretchMm)));
  });
  it('shows motion bar by bar, each change in the bar it leads to', () => {
    const { path, changes } = found(symbols);
    const { events } = timeline(parseChart('| Dm7 G7 | Cmaj7 | Cmaj7 |').chart);
    const bars = profileByBar({ path, changes, instrument: defaultKeyboard }, events);
    expect(bars.map(({ bar, motion }) => [bar, motion])).toEqual([
      [1, 3],
      [2, 3],
      [3, 0],
    ]);
  });
  it('costs by term what it costs in all', () => {
    const settings = { ...keys, loop: true };
    const { path, changes, total } = found('Dm7 G7b9 Cmaj7 A7', settings);
    const costs = costByTerm(chords('Dm7 G7b9 Cmaj7 A7'), path, changes, settings);
    expect(Object.values(costs).reduce((sum, cost) => sum + cost, 0)).toBeCloseTo(total, 6);
    expect(costs.motion).toBeGreaterThan(0);
  });
});

import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { soundingHits } from '../comp/base/sounding';
import { layPattern, patternOf } from '../comp/patterns/patterns';
import { connect } from '../connect/connect';
import { defaultSettings } from '../connect/base/data';
import { DRUMS } from './data';
import { bandPlan, type PlanRequest } from './plan';
import { offbeat, swingRatio } from './swing';
import type { BandPlan, Part } from './types';

function plan(text: string, change: Partial<PlanRequest> = {}): BandPlan {
  const { chart } = parseChart(text);
  const time = timeline(chart);
  const outcome = connect(
    time.events.map(({ chord }) => chord),
    { ...defaultSettings, families: ['shell'] },
  );
  const path = outcome.status === 'found' ? outcome.path : [];
  return bandPlan({
    timeline: time,
    path,
    feel: 'swing',
    tempo: 120,
    ...change,
  });
}
const onsets = ({ notes }: BandPlan, part: Part, midi?: number): number[] => [
  ...new Set(
    notes
      .filter((note) => note.part === part && (midi ?? note.midi) === note.midi)
      .map((n) => n.at),
  ),
];
const bass = (text: string, change: Partial<PlanRequest> = {}): string =>
  plan(text, change)
    .notes.filter((note) => note.part === 'bass')
    .map((note) => `${note.midi}@${note.at}`)
    .join(' ');

describe('swing eases toward even as tempo rises (common practice)', () => {
  it.each([
    [120, 2],
    [160, 1.75],
    [250, 1.25],
    [300, 1],
    [340, 1],
    [40, 2.2],
  ])('at %i the long eighth is %f short ones', (tempo, ratio) => {
    expect(swingRatio(tempo)).toBeCloseTo(ratio, 9);
  });
  it('puts the "and" two thirds into a swung beat and half way into a straight one', () => {
    expect(offbeat('swing', 120)).toBeCloseTo(2 / 3, 9);
    expect(offbeat('latin', 120)).toBe(0.5);
    expect(offbeat('shuffle', 300)).toBeCloseTo(2 / 3, 9);
  });
});

describe('the bass', () => {
  it('plays roots, twice a bar in four and again at every chord', () => {
    expect(bass('| C6 | F7 G7 |')).toBe('36@0 36@2 29@4 31@6');
  });
  it('plays the slash bass in place of the root, and rests under no chord', () => {
    expect(bass('| D/F# N.C. |')).toBe('30@0');
  });
  it('plays once a bar in three', () => {
    expect(bass('meter: 3/4\n| C6 | F7 |')).toBe('36@0 29@3');
  });
});

describe('the comp', () => {
  it('strikes each chord where it falls, and a long one again at every bar line', () => {
    expect(onsets(plan('| Dm7 G7 | C6 | . |'), 'comp')).toEqual([0, 2, 4, 8]);
  });
  it('sounds the voicing, every note of it', () => {
    const notes = plan('| A7 |').notes.filter((note) => note.part === 'comp');
    expect(notes.map((note) => note.midi % 12).sort((a, b) => a - b)).toEqual([1, 7, 9]);
  });
});

describe('the drums', () => {
  it('ride on every beat with the skip before one and three, hat on two and four', () => {
    const four = plan('| C6 |');
    expect(onsets(four, 'drums', DRUMS.hat)).toEqual([1, 3]);
    expect(onsets(four, 'drums', DRUMS.ride).map((at) => Math.round(at * 100) / 100)).toEqual([
      0, 1, 1.67, 2, 3, 3.67,
    ]);
  });
});

/** A hit on Dm7, and one on the and of four tied into the next chord. */
const PUSHED = soundingHits(layPattern(patternOf('push-answer')!, 1, 1), {
  ...{ timeline: timeline(parseChart('| Dm7 | G7 |').chart), offbeat: 0.5, loop: false },
});

describe('the band listens (common practice)', () => {
  const bassAt = (change: Partial<PlanRequest>): number[] =>
    onsets(plan('| Dm7 | G7 |', { sounding: PUSHED, offbeat: 0.5, ...change }), 'bass');

  it('with a bass that comes with the push of the comp', () => {
    expect(bassAt({ bass: 'two-feel' })).toEqual([0, 2, 3.5, 6]);
    expect(bassAt({ bass: 'bossa' })).toEqual([0, 1.5, 2, 3.5, 5.5, 6, 7.5]);
  });
  it('with a walking bass that keeps its beat', () => {
    expect(bassAt({ bass: 'walking' })).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  });
  it('with the bass drum on the push', () => {
    const pushed = plan('| Dm7 | G7 |', { sounding: PUSHED, offbeat: 0.5 });
    expect(onsets(pushed, 'drums', DRUMS.kick)).toEqual([3.5]);
  });
  it('with drums that leave out the skip when it is soft and feather the beat when it is loud', () => {
    const drumsAt = (loudness: number, key: number): number[] =>
      onsets(plan('| C6 |', { barAt: () => ({ loudness, rests: [] }) }), 'drums', key);
    expect(drumsAt(2, DRUMS.ride)).toEqual([0, 1, 2, 3]);
    expect(drumsAt(3, DRUMS.ride)).toHaveLength(6);
    expect(drumsAt(3, DRUMS.kick)).toEqual([]);
    expect(drumsAt(4, DRUMS.kick)).toEqual([0, 1, 2, 3]);
  });
});

it('plays a stretch of bars, with the chord that rings into it', () => {
  const stretch = plan('| C6 | . | F7 | G7 |', { fromBar: 2, toBar: 3 });
  expect(stretch.length).toBe(8);
  expect(onsets(stretch, 'comp')).toEqual([0, 4]);
  expect(Math.max(...stretch.notes.map((note) => note.at))).toBeLessThan(8);
});

it('follows every change of meter, bar by bar', () => {
  const mixed = plan('| C6 | 3/4 F7 | 6/8 G7 |');
  expect(mixed.length).toBe(10);
  expect(onsets(mixed, 'comp')).toEqual([0, 4, 7]);
  expect(onsets(mixed, 'drums', DRUMS.ride).filter((at) => at >= 7 && at % 0.5 === 0)).toEqual([
    7, 7.5, 8, 8.5, 9, 9.5,
  ]);
});

it('plays a pickup before the first bar, and leaves it out of the loop', () => {
  const from = plan('pickup: 1\n| G7 | C6 |');
  expect([from.pickup, from.length]).toEqual([1, 4]);
  expect(onsets(from, 'comp')).toEqual([-1, 0]);
  expect(plan('pickup: 1\n| G7 | C6 |', { fromBar: 1 }).pickup).toBe(0);
});

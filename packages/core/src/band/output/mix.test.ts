import type { BandPlan, PlannedNote } from '../types';
import { channelVolume, mixOf } from './mix';

const note = (part: PlannedNote['part'], at: number, length = 0.5, velocity = 80) => ({
  ...{ part, at, length, velocity, midi: 60 },
});
/** Sixteen bars of a part, so many notes a bar, evenly. */
const even = (part: PlannedNote['part'], aBar: number, velocity = 80): PlannedNote[] =>
  Array.from({ length: 16 * aBar }, (_, at) => note(part, (at * 4) / aBar, 0.5, velocity));
const plan = (...notes: PlannedNote[]): BandPlan => ({ notes, length: 64, pickup: 0 });
const BAND = [...even('comp', 4), ...even('bass', 4), ...even('drums', 8)];

it('what plays twice as often is opened three decibels less', () => {
  const sparse = mixOf(plan(...BAND), 120, 'guitar');
  const dense = mixOf(plan(...BAND, ...even('comp', 4)), 120, 'guitar');
  expect(sparse.comp - dense.comp).toBeCloseTo(3, 1);
  expect(sparse.bass).toBeCloseTo(dense.bass, 9);
});

it('brushes are opened more than sticks, a guitar more than an electric piano', () => {
  const sticks = mixOf(plan(...BAND), 120, 'guitar');
  const brushes = mixOf({ ...plan(...BAND), kit: 'brushes' }, 120, 'guitar');
  expect(brushes.drums).toBeGreaterThan(sticks.drums + 3);
  expect(sticks.comp).toBeGreaterThan(mixOf(plan(...BAND), 120, 'keyboard').comp);
});

it('softly struck stays soft: how hard notes are struck changes nothing of the mix', () => {
  const soft = [...even('comp', 4, 40), ...even('bass', 4, 40), ...even('drums', 8, 40)];
  expect(mixOf(plan(...soft), 120, 'guitar')).toEqual(mixOf(plan(...BAND), 120, 'guitar'));
});

it('a soloist makes room for itself: the band steps back so that all is as loud as before', () => {
  const alone = mixOf(plan(...BAND), 120, 'guitar');
  const behind = mixOf(plan(...BAND, ...even('solo', 8)), 120, 'guitar');
  for (const part of ['comp', 'bass', 'drums'] as const) {
    expect(alone[part] - behind[part]).toBeCloseTo(2.2, 1);
  }
});

it('on a ukulele that is struck seldom the whole band is opened more, in the same balance', () => {
  const seldom = [...even('comp', 1), ...even('bass', 4), ...even('drums', 8)];
  const slow = mixOf(plan(...seldom), 60, 'ukulele');
  const quick = mixOf(plan(...BAND), 240, 'ukulele');
  expect(slow.bass - slow.drums).toBeCloseTo(
    mixOf(plan(...seldom), 60, 'guitar').bass - mixOf(plan(...seldom), 60, 'guitar').drums,
    9,
  );
  // A stroke every four seconds sounds a quarter of the time; the sum of the parts falls by 2.1 dB.
  const guitar = mixOf(plan(...seldom), 60, 'guitar');
  expect(slow.bass - guitar.bass).toBeCloseTo(2.1, 1);
  expect(quick.bass).toBeCloseTo(mixOf(plan(...BAND), 240, 'guitar').bass, 9);
});

it('one chord or one bar by itself is as loud as a usual chorus has it', () => {
  const chord = mixOf(plan(note('comp', 0, 2), note('comp', 0, 2)), 60, 'guitar');
  const bar = mixOf(plan(...even('comp', 4).slice(0, 4)), 120, 'guitar');
  expect(chord).toEqual(bar);
  expect(mixOf(plan(), 120, 'guitar')).toEqual(bar);
});

it('a channel is opened by the square of its volume, never beyond fully', () => {
  expect([0, -12, -40, 6, -Infinity].map(channelVolume)).toEqual([127, 64, 13, 127, 0]);
});

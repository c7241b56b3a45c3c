import type { BandPlan } from '@drop-close/core';
import { HORIZON, Scheduler, withLeadIn } from './scheduler';

const plan = (...at: number[]): BandPlan => ({
  length: 4,
  pickup: 0,
  notes: at.map((time) => ({ part: 'comp', midi: 60 + time, at: time, length: 1, velocity: 80 })),
});

function run(scheduler: Scheduler, until: number, step: number): void {
  for (let now = 0; now <= until; now += step) scheduler.tick(now);
}

function recorder() {
  const played: string[] = [];
  let ended = 0;
  return {
    played,
    ended: () => ended,
    output: {
      play: (note: { midi: number }, at: number) => played.push(`${note.midi}@${at.toFixed(3)}`),
      end: () => {
        ended += 1;
      },
    },
  };
}

it('plays every note once, at its own time on the audio clock', () => {
  const { played, output, ended } = recorder();
  run(new Scheduler(plan(0, 1, 2.5), 1, 120, false, output), 4, 0.025);
  expect(played).toEqual(['60@1.000', '61@1.500', '62.5@2.250']);
  expect(ended()).toBe(1);
});

it('moves no note when ticks come late, as long as the horizon covers them', () => {
  const { played, output } = recorder();
  run(new Scheduler(plan(0, 1, 2, 3), 1, 120, false, output), 4, HORIZON * 0.9);
  expect(played).toEqual(['60@1.000', '61@1.500', '62@2.000', '63@2.500']);
});

it('comes round without a gap', () => {
  const { played, output, ended } = recorder();
  run(new Scheduler(plan(0, 3), 0.5, 120, true, output), 4.9, 0.025);
  expect(played.slice(0, 5)).toEqual(['60@0.500', '63@2.000', '60@2.500', '63@4.000', '60@4.500']);
  expect(ended()).toBe(0);
});

it('counts in once, before the first pass only', () => {
  const { played, output } = recorder();
  const counted = withLeadIn(plan(0), plan(2, 3));
  run(new Scheduler(counted, 2, 120, true, output), 4.5, 0.025);
  expect(played).toEqual(['62@1.000', '63@1.500', '60@2.000', '60@4.000']);
});

it('keeps its place when the tempo changes', () => {
  const { played, output } = recorder();
  const scheduler = new Scheduler(plan(0, 2), 0, 120, false, output);
  scheduler.tick(0);
  scheduler.setTempo(60, 0.5);
  expect(scheduler.position(0.5)).toBeCloseTo(1, 9);
  run(scheduler, 3, 0.025);
  expect(played).toEqual(['60@0.000', '62@1.500']);
});

it('goes on at the same place when the chorus is edited, and plays nothing twice', () => {
  const { played, output } = recorder();
  const scheduler = new Scheduler(plan(0, 1, 2), 0, 60, false, output);
  scheduler.tick(0.9);
  scheduler.replace(plan(0, 1, 3), 1);
  run(scheduler, 4, 0.025);
  expect(played).toEqual(['60@0.900', '61@1.000', '63@3.000']);
});

it('plays the next time round faster and with other notes, from its first note on', () => {
  const { played, output } = recorder();
  const pass = (count: number) => (count === 1 ? { plan: plan(0, 1), tempo: 240 } : undefined);
  const scheduler = new Scheduler(plan(0), 0, 120, true, { ...output, pass });
  run(scheduler, 3.4, 0.025);
  expect(played).toEqual(['60@0.000', '60@2.000', '61@2.250', '60@3.000', '61@3.250']);
});

it('stays where the music is until the next time round has begun', () => {
  const { output } = recorder();
  const scheduler = new Scheduler(plan(0), 0, 120, true, output);
  run(scheduler, 1.9, 0.025);
  expect(scheduler.position(1.9)).toBeCloseTo(3.8);
  expect(scheduler.position(2.1)).toBeCloseTo(0.2);
  expect(scheduler.elapsed(1.9)).toBeCloseTo(3.8);
  expect(scheduler.elapsed(2.1)).toBeCloseTo(4.2);
});

it('counts the notes that come too late', () => {
  const { output } = recorder();
  const scheduler = new Scheduler(plan(0, 1, 2), 0, 120, false, output);
  scheduler.tick(0);
  expect(scheduler.late).toBe(0);
  scheduler.tick(0.8);
  expect(scheduler.late).toBe(1);
});

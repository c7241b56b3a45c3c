import type { BandPlan } from '@drop-close/core';
import { heardIn, judgeRound, judgedAt } from './rounds';

const note = (at: number, midi: number) => ({
  ...{ part: 'solo' as const, length: 1, velocity: 80 },
  at,
  midi,
});
const plan: BandPlan = { notes: [note(0, 50), note(2, 55)], length: 4, pickup: 0 };
const rules = { plan, part: 'solo' as const, semitones: 0, tempo: 120, anyOctave: false };

describe('times round that are listened to', () => {
  it('hold what is struck a little before they begin', () => {
    const heard = [
      { at: -0.1, midi: 50 },
      { at: 2, midi: 55 },
      { at: 3.8, midi: 50 },
      { at: 6, midi: 55 },
    ];
    expect(heardIn(heard, 4, 0)).toEqual(heard.slice(0, 2));
    expect(heardIn(heard, 4, 1).map(({ at }) => Number(at.toFixed(3)))).toEqual([-0.2, 2]);
    expect(judgeRound(heard, 0, rules)).toMatchObject({ asked: 2, right: 2, extra: 0 });
    expect(judgeRound(heard, 1, rules)).toMatchObject({ asked: 2, right: 2, extra: 0 });
    expect(judgeRound(heard, 2, rules)).toBeUndefined();
  });
  it('are judged once what is late for their last moment has come', () => {
    expect(judgedAt(4, 0)).toBeGreaterThan(4);
    expect(judgedAt(4, 0)).toBeLessThan(4.5);
  });
  it('are judged in the key they are in', () => {
    const heard = [
      { at: 4, midi: 55 },
      { at: 6, midi: 60 },
    ];
    expect(judgeRound(heard, 1, { ...rules, semitones: 5 })).toMatchObject({ right: 2 });
    expect(judgeRound(heard, 1, rules)).toMatchObject({ right: 0, extra: 2 });
  });
});

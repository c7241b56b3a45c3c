import { transposedPlan, type BandPlan } from '@drop-close/core';
import { sameAgain, semitonesAt, tempoAt } from './passes';

const plan: BandPlan = {
  notes: [
    { part: 'comp', midi: 60, at: 0, length: 1, velocity: 80 },
    { part: 'bass', midi: 28, at: 0, length: 1, velocity: 80 },
    { part: 'drums', midi: 51, at: 0, length: 1, velocity: 80 },
  ],
  length: 4,
  pickup: 0,
};

describe('passes through a loop', () => {
  it('rise by so many beats a minute up to a limit, and stay there', () => {
    const rising = { ...sameAgain, faster: 8, upTo: 130 };
    expect([0, 1, 2, 3, 4].map((count) => tempoAt(rising, 110, count))).toEqual([
      110, 118, 126, 130, 130,
    ]);
  });
  it('never slow down what is faster than the limit', () => {
    expect(tempoAt({ ...sameAgain, faster: 5, upTo: 100 }, 140, 3)).toBe(140);
  });
  it('go round all twelve keys by fourths, and come back', () => {
    const fourths = { ...sameAgain, halfSteps: 5 };
    const keys = Array.from({ length: 12 }, (_, count) => semitonesAt(fourths, count));
    expect(keys).toEqual([0, 5, -2, 3, -4, 1, 6, -1, 4, -3, 2, -5]);
    expect(semitonesAt(fourths, 12)).toBe(0);
  });
  it('move comp and bass, fold the bass back on its instrument, and leave the drums', () => {
    const down = transposedPlan(plan, semitonesAt({ ...sameAgain, halfSteps: -1 }, 1));
    expect(down.notes.map(({ midi }) => midi)).toEqual([59, 39, 51]);
  });
});

import fc from 'fast-check';
import { offbeat } from '../../band/swing';
import { ticks, quarters } from '../../base/units';
import { gridOf, inQuarters, inTicks, straightened, swung } from './time';

describe('the grid of a bar', () => {
  it('has its eighths, whatever the beat is', () => {
    expect(gridOf({ beats: 4, unit: 4 })).toEqual([0, 240, 480, 720, 960, 1200, 1440, 1680]);
    expect(gridOf({ beats: 3, unit: 4 })).toHaveLength(6);
    expect(gridOf({ beats: 6, unit: 8 })).toEqual([0, 240, 480, 720, 960, 1200]);
    expect(gridOf({ beats: 2, unit: 2 })).toHaveLength(8);
    expect(gridOf({ beats: 5, unit: 16 })).toEqual([0, 240, 480]);
  });
  it('is exact in ticks, triplets and sixteenths too (arith)', () => {
    expect([1 / 3, 2 / 3, 1 / 4, 3.5].map((each) => inTicks(quarters(each)))).toEqual([
      160, 320, 120, 1680,
    ]);
    expect(inQuarters(ticks(720))).toBe(1.5);
  });
});

describe('swing, reckoned by hand (arith)', () => {
  it('puts the offbeat at two thirds of the beat at a ratio of 2, so at 120', () => {
    expect(offbeat('swing', 120)).toBeCloseTo(2 / 3, 12);
    expect(swung(ticks(240), offbeat('swing', 120))).toBe(320);
    expect(swung(ticks(1680), offbeat('swing', 120))).toBe(1760);
  });
  it('puts it at three fifths at a ratio of 3 to 2, so at 200', () => {
    expect(swung(ticks(240), offbeat('swing', 200))).toBe(288);
  });
  it('leaves it in the middle from 300 on, and in straight feels', () => {
    expect(swung(ticks(240), offbeat('swing', 300))).toBe(240);
    expect(swung(ticks(240), offbeat('latin', 120))).toBe(240);
  });
  it('stretches the first half of a beat and presses the second', () => {
    expect(swung(ticks(120), 2 / 3)).toBe(160);
    expect(swung(ticks(360), 2 / 3)).toBe(400);
  });
  it('counts back from the bar line in a pickup', () => {
    expect(swung(ticks(-240), 2 / 3)).toBe(-160);
  });
});

it('keeps quarters in place and the order of times, and finds eighths again, others to a tick (seed 61)', () => {
  const time = fc.integer({ min: -2000, max: 8000 });
  const late = fc.double({ min: 0.5, max: 0.7, noNaN: true });
  fc.assert(
    fc.property(time, time, late, (a, b, at) => {
      const [first, second] = [Math.min(a, b), Math.max(a, b)];
      expect(swung(ticks(first), at)).toBeLessThanOrEqual(swung(ticks(second), at));
      expect(swung(ticks(a * 480), at)).toBe(a * 480);
      expect(straightened(swung(ticks(a * 240), at), at)).toBe(a * 240);
      expect(Math.abs(straightened(swung(ticks(a), at), at) - a)).toBeLessThanOrEqual(1);
    }),
    { numRuns: 300, seed: 61 },
  );
});

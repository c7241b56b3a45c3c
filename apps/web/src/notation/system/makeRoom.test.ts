import fc from 'fast-check';
import { makeRoom, spread, xAt } from './makeRoom';

const moved = (standing: readonly (readonly [number, number])[], end: number): number[] => {
  const move = makeRoom(
    standing.map(([x, room]) => ({ x, room })),
    end,
  );
  return standing.map(([x]) => Math.round(move(x)));
};

it('what has its room stays', () => {
  expect(moved([[0, 40], [50, 40]], 100)).toEqual([0, 50]); // prettier-ignore
});

it('what has too little is moved to the right, and back from the end', () => {
  expect(moved([[0, 60], [50, 40]], 100)).toEqual([0, 60]); // prettier-ignore
  expect(moved([[0, 20], [90, 40]], 100)).toEqual([0, 60]); // prettier-ignore
});

it('of too little each has its share', () => {
  expect(moved([[0, 150], [10, 50]], 100)).toEqual([0, 75]); // prettier-ignore
});

it('notes between two symbols keep their proportion', () => {
  const move = makeRoom([{ x: 0, room: 60 }, { x: 40, room: 20 }], 100); // prettier-ignore
  expect([0, 20, 40, 70, 100].map(move)).toEqual([0, 30, 60, 80, 100]);
});

it('of any bar each has its room where there is enough, nothing changes its order, and nothing leaves the bar', () => {
  const symbols = fc.array(fc.record({ x: fc.nat(200), room: fc.integer({ min: 1, max: 90 }) }), {
    minLength: 1,
    maxLength: 6,
  });
  fc.assert(
    fc.property(symbols, fc.integer({ min: 210, max: 500 }), (all, end) => {
      const standing = [...all]
        .sort((a, b) => a.x - b.x)
        .map((each, at) => ({ ...each, x: each.x + at }));
      const move = makeRoom(standing, end);
      const xs = [...standing.map(({ x }) => move(x)), end];
      const needed = standing.reduce((sum, { room }) => sum + room, 0);
      const isEnough = needed <= end - standing[0]!.x;
      standing.forEach(({ room }, at) => {
        const got = xs[at + 1]! - xs[at]!;
        expect(got).toBeGreaterThan(0);
        if (isEnough) expect(got).toBeGreaterThanOrEqual(room - 1e-9);
      });
    }),
    { seed: 20, numRuns: 500 },
  );
});

it('a moment without a spot of its own stands between its neighbours, in time', () => {
  const spots = [{ at: 0, x: 10 }, { at: 960, x: 50 }, { at: 1920, x: 200 }]; // prettier-ignore
  expect([0, 480, 960, 1440].map((at) => xAt(spots, at))).toEqual([10, 30, 50, 125]);
});

it('a chord between two notes is moved as they are, and is told where it stands', () => {
  const whole = [{ at: 0, x: 0 }, { at: 1920, x: 100 }]; // prettier-ignore
  const { spots, move } = spread(whole, [{ at: 0, room: 30 }, { at: 960, room: 70 }]); // prettier-ignore
  expect(spots).toEqual([{ at: 0, x: 0 }, { at: 960, x: 30 }, { at: 1920, x: 100 }]); // prettier-ignore
  expect(move(75)).toBe(65);
});

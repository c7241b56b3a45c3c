import fc from 'fast-check';
import { UNREACHABLE, type Layers, type Step } from './layers';
import { solve } from './solve';

/** A change whose costs are all written down, row by row. */
const dense = (costs: readonly number[], width: number): Step => {
  const cost = (a: number, b: number): number => costs[a * width + b]!;
  const least = (values: Int32Array, count: number, of: (value: number, at: number) => number) =>
    Int32Array.from({ length: count }, (_, at) =>
      values.reduce((best, value, other) => Math.min(best, value + of(other, at)), UNREACHABLE),
    );
  return {
    cost,
    forward: (values) => least(values, width, cost),
    backward: (values) => least(values, costs.length / width, (b, a) => cost(a, b)),
  };
};

/** Every path there is, one by one: the slow plain oracle. */
function everyPath(layers: Layers): { path: number[]; total: number }[] {
  const { own, step, loop } = layers;
  const paths = own.reduce<number[][]>(
    (all, layer) => all.flatMap((path) => Array.from(layer, (_, c) => [...path, c])),
    [[]],
  );
  return paths.map((path) => {
    let total = 0;
    path.forEach((c, i) => {
      const next = i + 1 < path.length ? i + 1 : 0;
      total += own[i]?.[c] ?? 0;
      const joined = i + 1 < path.length || (loop && path.length > 1);
      if (joined) total += step[i]!.cost(c, path[next]!);
    });
    return { path, total };
  });
}

const problem = (loop: boolean): fc.Arbitrary<Layers> =>
  fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 5 }).chain((sizes) => {
    const costs = (length: number) =>
      fc
        .array(fc.integer({ min: 0, max: 40 }), { minLength: length, maxLength: length })
        .map((values) => Int32Array.from(values));
    const joins = loop && sizes.length > 1 ? sizes.length : sizes.length - 1;
    const steps = Array.from({ length: joins }, (_, i) => {
      const width = sizes[(i + 1) % sizes.length]!;
      return costs(sizes[i]! * width).map((values) => dense([...values], width));
    });
    return fc
      .tuple(fc.tuple(...sizes.map(costs)), fc.tuple(...steps))
      .map(([own, step]) => ({ own, step, loop }));
  });

describe.each([
  { loop: false, seed: 21 },
  { loop: true, seed: 22 },
])('the exact minimum against brute force (loop: $loop, seed $seed)', ({ loop, seed }) => {
  it('finds the least total, and a path that has it', () => {
    fc.assert(
      fc.property(problem(loop), (layers) => {
        const { path, total } = solve(layers);
        const all = everyPath(layers);
        expect(total).toBe(Math.min(...all.map((each) => each.total)));
        expect(all.find((each) => each.path.join() === path.join())?.total).toBe(total);
      }),
      { numRuns: 300, seed },
    );
  });

  it('finds, for every candidate, the least total with it forced', () => {
    fc.assert(
      fc.property(problem(loop), (layers) => {
        const all = everyPath(layers);
        const { ranked } = solve(layers);
        layers.own.forEach((layer, i) => {
          const totals = ranked(i, Infinity);
          expect(totals.map(({ candidate }) => candidate).sort()).toEqual([...layer.keys()]);
          expect(totals).toEqual([...totals].sort((a, b) => a.total - b.total));
          for (const { candidate, total } of totals) {
            const forced = all.filter(({ path }) => path[i] === candidate);
            expect(total).toBe(Math.min(...forced.map((each) => each.total)));
          }
          expect(ranked(i, 1)).toEqual(totals.slice(0, 1));
        });
      }),
      { numRuns: 300, seed },
    );
  });
});

describe.each([
  { loop: false, seed: 23 },
  { loop: true, seed: 24 },
])('the paths through against brute force (loop: $loop, seed $seed)', ({ loop, seed }) => {
  it('come in the order of their totals, none twice and none left out', () => {
    fc.assert(
      fc.property(problem(loop), (layers) => {
        const all = everyPath(layers).sort((a, b) => a.total - b.total);
        const rankedPaths = [...solve(layers).rankedPaths()];
        expect(rankedPaths.map(({ total }) => total)).toEqual(all.map(({ total }) => total));
        const names = (paths: readonly { readonly path: readonly number[] }[]): string[] =>
          paths.map(({ path }) => path.join(' ')).sort();
        expect(names(rankedPaths)).toEqual(names(all));
      }),
      { numRuns: 150, seed },
    );
  });
});

/** A problem whose candidates each come once or more, alike in every change but not in their own cost. */
const doubled = (loop: boolean): fc.Arbitrary<{ layers: Layers; base: Layers }> =>
  problem(loop).chain((base) =>
    fc
      .tuple(
        ...base.own.map((layer) =>
          fc.array(fc.tuple(fc.nat(layer.length - 1), fc.nat(9)), { maxLength: 3 }),
        ),
      )
      .map((more) => {
        const copies = base.own.map((layer, i) => [
          ...Array.from(layer.keys(), (of) => ({ of, extra: 0 })),
          ...more[i]!.map(([of, extra]) => ({ of, extra })),
        ]);
        const step = base.step.map(({ cost }, i) => {
          const [here, there] = [copies[i]!, copies[(i + 1) % copies.length]!];
          return dense(
            here.flatMap((a) => there.map((b) => cost(a.of, b.of))),
            there.length,
          );
        });
        const own = copies.map((layer, i) =>
          Int32Array.from(layer, ({ of, extra }) => base.own[i]![of]! + extra),
        );
        const alike = copies.map((layer) => Int32Array.from(layer, ({ of }) => of));
        return { base, layers: { own, step, loop, alike } };
      }),
  );

describe.each([
  { loop: false, seed: 25 },
  { loop: true, seed: 26 },
])('candidates that are alike in every change (loop: $loop, seed $seed)', ({ loop, seed }) => {
  it('have each its own total, and count once among the paths', () => {
    fc.assert(
      fc.property(doubled(loop), ({ layers, base }) => {
        const all = everyPath(layers);
        const { ranked, rankedPaths } = solve(layers);
        layers.own.forEach((layer, i) => {
          const totals = ranked(i, Infinity);
          expect(totals).toHaveLength(layer.length);
          for (const { candidate, total } of totals) {
            const forced = all.filter(({ path }) => path[i] === candidate);
            expect(total).toBe(Math.min(...forced.map((each) => each.total)));
          }
        });
        const unlike = everyPath(base)
          .map(({ total }) => total)
          .sort((a, b) => a - b);
        expect([...rankedPaths()].map(({ total }) => total)).toEqual(unlike);
      }),
      { numRuns: 100, seed },
    );
  });
});

it('prefers the lower index of equals', () => {
  const zero = Int32Array.from([0, 0]);
  const { path } = solve({ own: [zero, zero], step: [dense([0, 0, 0, 0], 2)], loop: false });
  expect(path).toEqual([0, 0]);
});

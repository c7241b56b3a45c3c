import { random } from '../../testing/random';
import { disjointPaths, type DisjointProblem } from './disjoint';

interface Point {
  readonly layer: number;
  readonly kind: string;
  readonly height: number;
}

/** Points at random heights; going from one to another costs what they lie apart. */
function problemOf(seed: number): DisjointProblem<Point> {
  const next = random(seed);
  const layers = Array.from({ length: 4 }, (_, layer) =>
    Array.from({ length: 3 }, (__, at): Point => ({
      layer,
      kind: layer === 0 && at === 2 && next() < 0.5 ? 'kind 0' : `kind ${at}`,
      height: Math.floor(next() * 12),
    })),
  );
  return {
    layers,
    kindOf: ({ kind }) => kind,
    startCost: ({ height }) => height % 3,
    cost: (from, to) => (from.height - to.height) ** 2,
  };
}

const totalOf = ({ startCost, cost }: DisjointProblem<Point>, paths: readonly Point[][]): number =>
  paths.reduce(
    (sum, path) =>
      sum + startCost(path[0]!) + path.slice(1).reduce((of, to, at) => of + cost(path[at]!, to), 0),
    0,
  );

/** The orders of some points: who takes which in the next layer. */
function orders<T>(points: readonly T[], size: number): T[][] {
  if (size === 0) return [[]];
  return points.flatMap((point, at) => {
    const others = points.filter((_, other) => other !== at);
    return orders(others, size - 1).map((rest) => [point, ...rest]);
  });
}

/** The least total of all sets of paths, one by one. */
function plainLeast(problem: DisjointProblem<Point>): number {
  const [first, ...rest] = problem.layers;
  const kinds = [...new Set(first!.map(problem.kindOf))];
  const starts = orders(first!, kinds.length).filter(
    (chosen) => new Set(chosen.map(problem.kindOf)).size === kinds.length,
  );
  let sets = starts.map((chosen) => chosen.map((start) => [start]));
  for (const layer of rest) {
    sets = sets.flatMap((paths) =>
      orders(layer, kinds.length).map((chosen) => paths.map((path, at) => [...path, chosen[at]!])),
    );
  }
  return Math.min(...sets.map((paths) => totalOf(problem, paths)));
}

describe('paths that never meet', () => {
  it.each(Array.from({ length: 12 }, (_, index) => 40 + index))(
    'cost no more in all than those of a search through every set (seed %i)',
    (seed) => {
      const problem = problemOf(seed);
      const paths = disjointPaths(problem);
      expect(paths).toHaveLength(new Set(problem.layers[0]!.map(problem.kindOf)).size);
      expect(new Set(paths.flat()).size).toBe(paths.length * problem.layers.length);
      expect(new Set(paths.map(([start]) => start!.kind)).size).toBe(paths.length);
      expect(totalOf(problem, paths)).toBe(plainLeast(problem));
    },
  );
  it('are fewer where a layer has no room for more, and none where one is empty', () => {
    const { layers, ...rest } = problemOf(40);
    const narrow = [...layers.slice(0, 3), layers[3]!.slice(0, 1)];
    expect(disjointPaths({ ...rest, layers: narrow })).toHaveLength(1);
    expect(disjointPaths({ ...rest, layers: [...layers.slice(0, 3), []] })).toEqual([]);
    expect(disjointPaths({ ...rest, layers: [] })).toEqual([]);
  });
});

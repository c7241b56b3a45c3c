import { NEVER, forwardTotals, type Layers, type Step } from './chain';
import type { Way } from './ways';

/** Once round a loop, among the candidates that are kept; all costs between them are written down. */
export interface Round {
  /** By layer: the candidates that are kept, rising; of interchangeable ones the lowest. */
  readonly kept: readonly (readonly number[])[];
  /** By layer and kept candidate: it and all that may stand in its place. */
  readonly members: readonly (readonly (readonly number[])[])[];
  /** The chain from one kept candidate of a layer once round to it. */
  readonly from: (layer: number, at: number) => Layers;
  /** The least total of a loop through it; `NEVER` where there is none. */
  readonly through: (layer: number, at: number) => number;
  /** A path of such a chain as candidates from the first layer on. */
  readonly named: (way: Way, layer: number) => Way;
}

/** @param bounds by layer and candidate; those above the limit are left out */
export function roundWithin(
  { own, step, alike }: Layers,
  bounds: readonly Int32Array[],
  limit: number,
): Round {
  const members = bounds.map((layer, i) => {
    const within = Array.from(layer.keys()).filter((candidate) => layer[candidate]! <= limit);
    return interchangeable(within, own[i]!, alike?.[i]);
  });
  const kept = members.map((layer) => layer.map(([lowest]) => lowest!));
  const costs = kept.map((layer, i) => Int32Array.from(layer, (candidate) => own[i]![candidate]!));
  const steps = step.map((change, i) => denseStep(change, kept[i]!, kept[(i + 1) % kept.length]!));
  const only = (values: Int32Array, at: number): Int32Array =>
    values.map((value, other) => (other === at ? value : NEVER));
  const from = (layer: number, at: number): Layers => ({
    own: [
      only(costs[layer]!, at),
      ...rotate(costs, layer).slice(1),
      only(new Int32Array(costs[layer]!.length), at),
    ],
    step: rotate(steps, layer),
    loop: false,
  });
  return {
    kept,
    members,
    from,
    through: (layer, at) => forwardTotals(from(layer, at)).at(-1)![at]!,
    named: ({ path, total }, layer) => {
      const round = rotate(path.slice(0, -1), kept.length - layer);
      return { path: round.map((at, i) => kept[i]![at]!), total };
    },
  };
}

/** Candidates with those that may stand in their place; all by themselves where nothing is known. */
function interchangeable(
  candidates: readonly number[],
  own: Int32Array,
  alike: Int32Array | undefined,
): number[][] {
  if (!alike) return candidates.map((candidate) => [candidate]);
  const groups = new Map<string, number[]>();
  for (const candidate of candidates) {
    const key = `${alike[candidate]} ${own[candidate]}`;
    const group = groups.get(key);
    if (group) group.push(candidate);
    else groups.set(key, [candidate]);
  }
  return [...groups.values()];
}

export const rotate = <T>(items: readonly T[], by: number): T[] => [
  ...items.slice(by),
  ...items.slice(0, by),
];

/** The same change between a few candidates, its costs written down row by row. */
function denseStep(step: Step, earlier: readonly number[], later: readonly number[]): Step {
  const width = later.length;
  const costs = new Int32Array(earlier.length * width);
  earlier.forEach((a, row) => {
    later.forEach((b, column) => {
      costs[row * width + column] = step.cost(a, b);
    });
  });
  const forward = (values: Int32Array): Int32Array => {
    const least = new Int32Array(width).fill(NEVER);
    for (let row = 0; row < values.length; row += 1) {
      const value = values[row]!;
      if (value >= NEVER) continue;
      for (let column = 0; column < width; column += 1) {
        const sum = value + costs[row * width + column]!;
        if (sum < least[column]!) least[column] = sum;
      }
    }
    return least;
  };
  const backward = (values: Int32Array): Int32Array => {
    const least = new Int32Array(earlier.length).fill(NEVER);
    for (let row = 0; row < least.length; row += 1) {
      for (let column = 0; column < width; column += 1) {
        const sum = costs[row * width + column]! + values[column]!;
        if (sum < least[row]!) least[row] = sum;
      }
    }
    return least;
  };
  return { forward, backward, cost: (a, b) => costs[a * width + b]! };
}

/**
 * The least-cost path through layers of candidates, one from each layer, from the first to the last.
 *
 * (1) Backward, the least cost of any continuation of each candidate; (2) forward, the least cost of any
 * path ending in each candidate. Both together are, for every candidate, the best total with it forced;
 * (3) the path is traced along those whose total is the least.
 * Cost: two sweeps (see sweep.ts) for each change. Source: Bellman's principle of optimality (dynamic
 * programming).
 *
 * All costs are whole numbers, so equal totals are truly equal; of equals the lower index is taken.
 */
import { UNREACHABLE, type Layers } from './layers';
import { pathsThrough, type IndexPath } from './rankedPaths';

export interface Solution {
  readonly path: readonly number[];
  readonly total: number;
  /**
   * The candidates of one layer by the least total of a path through each, the least first, of equals the
   * lower index. Worked out when asked for, no further than `limit`.
   */
  readonly ranked: (layer: number, limit: number) => readonly Ranked[];
  /** All paths in the order of their totals, the best first; each worked out when it is asked for. */
  readonly rankedPaths: () => Generator<IndexPath, undefined>;
}

export interface Ranked {
  readonly candidate: number;
  readonly total: number;
}

/** Least costs up to and from every candidate, and both together. */
export interface Bounds {
  /** Of a path from the first layer to each candidate, its own cost included. */
  readonly behind: readonly Int32Array[];
  /** From each candidate to the end, its own cost left out. */
  readonly ahead: readonly Int32Array[];
  /** The least total of any path through each candidate. */
  readonly totals: readonly Int32Array[];
}

export function boundsOf(layers: Layers): Bounds {
  const [behind, ahead] = [forwardTotals(layers), backwardTotals(layers)];
  return { behind, ahead, totals: behind.map((costs, i) => plus(costs, ahead[i]!)) };
}

export function solveChain(layers: Layers): Solution {
  const { behind, ahead, totals } = boundsOf(layers);
  const total = totals[0]!.reduce((least, each) => Math.min(least, each));
  const path = trace(layers, behind, totals, total);
  const ranked = (layer: number, limit: number): Ranked[] =>
    Array.from(totals[layer] ?? [], (each, candidate) => ({ candidate, total: each }))
      .sort((a, b) => a.total - b.total || a.candidate - b.candidate)
      .slice(0, limit);
  return { path, total, ranked, rankedPaths: () => pathsThrough(unlike(layers), ahead) };
}

/** Of candidates that are alike only the cheapest, of equals the lowest. */
function unlike({ own, alike, ...rest }: Layers): Layers {
  if (!alike) return { own, ...rest };
  const costs = own.map((layer, i) => {
    const cheapest = new Map<number, number>();
    layer.forEach((cost, candidate) => {
      const known = cheapest.get(alike[i]![candidate]!);
      if (known === undefined || cost < layer[known]!) {
        cheapest.set(alike[i]![candidate]!, candidate);
      }
    });
    const kept = new Set(cheapest.values());
    return layer.map((cost, candidate) => (kept.has(candidate) ? cost : UNREACHABLE));
  });
  return { own: costs, ...rest };
}

function plus(a: Int32Array, b: Int32Array): Int32Array {
  const sum = new Int32Array(a.length);
  for (let i = 0; i < sum.length; i += 1) sum[i] = a[i]! + b[i]!;
  return sum;
}

/**
 * By layer and candidate, how much a path up to there, or on from there, may cost: what costs more is left
 * out.
 */
export type Allowance = readonly Int32Array[];

/** Of a path from the first layer to each candidate the least cost, its own included. */
export function forwardTotals({ own, step }: Layers, allowance?: Allowance): Int32Array[] {
  const behind: Int32Array[] = [];
  own.forEach((costs, i) => {
    const totals = i === 0 ? costs : plus(step[i - 1]!.forward(behind[i - 1]!), costs);
    behind.push(allowed(totals, allowance?.[i]));
  });
  return behind;
}

/** From each candidate to the last layer the least cost, its own left out. */
export function backwardTotals({ own, step }: Layers, allowance?: Allowance): Int32Array[] {
  const ahead: Int32Array[] = own.map((layer) => new Int32Array(layer.length));
  for (let i = own.length - 2; i >= 0; i -= 1) {
    const totals = step[i]!.backward(plus(own[i + 1]!, ahead[i + 1]!));
    ahead[i] = allowed(totals, allowance?.[i]);
  }
  return ahead;
}

const allowed = (totals: Int32Array, most: Int32Array | undefined): Int32Array =>
  most ? totals.map((total, at) => (total > most[at]! ? UNREACHABLE : total)) : totals;

/** Follows the candidates that lie on a path of the least total; where several do, the first that leads on. */
function trace(
  { own, step }: Layers,
  behind: readonly Int32Array[],
  totals: readonly Int32Array[],
  total: number,
): number[] {
  const path: number[] = [];
  totals.forEach((each, i) => {
    const previous = path[i - 1];
    const follows = (c: number): boolean =>
      previous === undefined ||
      behind[i - 1]![previous]! + step[i - 1]!.cost(previous, c) + own[i]![c]! === behind[i]![c];
    path.push(each.findIndex((sum, c) => sum === total && follows(c)));
  });
  return path;
}

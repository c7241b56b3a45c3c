/**
 * The least-cost path through layers of candidates, one from each layer, from the first to the last.
 *
 * (1) Backward, the least cost of any continuation of each candidate, along which the path is traced;
 * (2) when candidates are ranked, forward, the least cost of any path ending in each candidate; both
 * together are, for every candidate, the best total with it forced.
 * Cost: Σ |Lᵢ|·|Lᵢ₊₁| additions a pass.
 * Source: Bellman's principle of optimality (dynamic programming).
 *
 * All costs are whole numbers, so equal totals are truly equal; of equals the lower index is taken.
 */
export interface Layers {
  /** Own cost of every candidate, layer by layer, 0 or more. No layer is empty. */
  readonly own: readonly Int32Array[];
  /** `step[i][a * |Lᵢ₊₁| + b]`, 0 or more; with a loop one more, from the last layer to the first. */
  readonly step: readonly Int32Array[];
  readonly loop: boolean;
}

export interface Solution {
  readonly path: readonly number[];
  readonly total: number;
  /**
   * The candidates of one layer by the least total of a path through each, the least first, of equals the
   * lower index. Worked out when asked for, no further than `limit`.
   */
  readonly ranked: (layer: number, limit: number) => readonly Ranked[];
}

export interface Ranked {
  readonly candidate: number;
  readonly total: number;
}

/** Above every sum of real costs, and far enough below the limit of 32 bits to be added to. */
export const NEVER = 1_000_000_000;

export function solveChain({ own, step }: Layers): Solution {
  const ahead = backward(own, step);
  const path = trace(own, step, ahead);
  const first = path[0] ?? 0;
  const total = at(own[0], first) + at(ahead[0], first);
  let behind: Int32Array[] | undefined;
  const ranked = (layer: number, limit: number): Ranked[] => {
    behind ??= forward(own, step);
    return Array.from(behind[layer] ?? [], (cost, candidate) => ({
      candidate,
      total: cost + at(ahead[layer], candidate),
    }))
      .sort((a, b) => a.total - b.total || a.candidate - b.candidate)
      .slice(0, limit);
  };
  return { path, total, ranked };
}

/** Least cost of a path from the first layer to each candidate, its own cost included. */
function forward(own: readonly Int32Array[], step: readonly Int32Array[]): Int32Array[] {
  const behind: Int32Array[] = [Int32Array.from(own[0] ?? [])];
  for (let i = 1; i < own.length; i += 1) {
    const [before, here, costs] = [behind[i - 1], own[i], step[i - 1]] as Int32Array[];
    const best = new Int32Array(here!.length).fill(NEVER);
    for (let a = 0; a < before!.length; a += 1) {
      for (let b = 0; b < best.length; b += 1) {
        const cost = before![a]! + costs![a * best.length + b]!;
        if (cost < best[b]!) best[b] = cost;
      }
    }
    behind.push(best.map((cost, b) => cost + here![b]!));
  }
  return behind;
}

/** Least cost from each candidate to the end, its own cost left out. */
function backward(own: readonly Int32Array[], step: readonly Int32Array[]): Int32Array[] {
  const ahead: Int32Array[] = own.map((layer) => new Int32Array(layer.length));
  for (let i = own.length - 2; i >= 0; i -= 1) {
    const [next, after, costs, best] = [
      own[i + 1],
      ahead[i + 1],
      step[i],
      ahead[i],
    ] as Int32Array[];
    for (let a = 0; a < best!.length; a += 1) {
      let least = NEVER;
      for (let b = 0; b < next!.length; b += 1) {
        const cost = costs![a * next!.length + b]! + next![b]! + after![b]!;
        if (cost < least) least = cost;
      }
      best![a] = least;
    }
  }
  return ahead;
}

/** Follows the least continuation from the front; of equals the first. */
function trace(
  own: readonly Int32Array[],
  step: readonly Int32Array[],
  ahead: readonly Int32Array[],
): number[] {
  const path: number[] = [];
  own.forEach((layer, i) => {
    const previous = path[i - 1];
    let best = 0;
    let least = Infinity;
    layer.forEach((cost, c) => {
      const into = previous === undefined ? 0 : at(step[i - 1], previous * layer.length + c);
      const sum = into + cost + at(ahead[i], c);
      if (sum < least) [least, best] = [sum, c];
    });
    path.push(best);
  });
  return path;
}

const at = (costs: Int32Array | undefined, index: number): number => costs?.[index] ?? NEVER;

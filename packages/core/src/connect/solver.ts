/**
 * The least-cost path through layers of candidates, one from each layer.
 *
 * Problem: minimise Σ own(i, cᵢ) + Σ step(i, cᵢ, cᵢ₊₁), with a loop also step(n−1, cₙ₋₁, c₀).
 * Phases: (1) backward: the least cost of any continuation of each candidate, along which the path is
 * traced; (2) when alternatives are asked for, forward: the least cost of any path ending in each
 * candidate; both together are, for every candidate, the best total with it forced.
 * A loop is turned so that its narrowest layer is in front. With one candidate of that layer fixed at
 * both ends the loop is a chain, solved exactly; the least over all of them is the least over all loops.
 * They are tried in the order of their open chains' totals, which leave the join out. Costs are never
 * negative, so no loop is below its open chain: once that is above the best loop found, none that
 * follows can be better, and the search stops.
 * Cost: Σ |Lᵢ|·|Lᵢ₊₁| additions a pass.
 * Source: Bellman's principle of optimality (dynamic programming).
 *
 * All costs are whole numbers, so equal totals are truly equal; ties go to the lower index.
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
  /** For every candidate the least total of a path through it. Worked out when first asked for. */
  readonly through: () => readonly Int32Array[];
}

/** Above every sum of real costs, and far enough below the limit of 32 bits to be added to. */
const NEVER = 1_000_000_000;

export function solve(layers: Layers): Solution {
  return layers.loop && layers.own.length > 1 ? solveLoop(layers) : solveChain(layers);
}

function solveChain({ own, step }: Layers): Solution {
  const ahead = backward(own, step);
  const path = trace(own, step, ahead);
  const first = path[0] ?? 0;
  const total = at(own[0], first) + at(ahead[0], first);
  const through = once(() =>
    forward(own, step).map((costs, i) => costs.map((cost, c) => cost + at(ahead[i], c))),
  );
  return { path, total, through };
}

function once<T>(compute: () => T): () => T {
  let known: { value: T } | undefined;
  return () => (known ??= { value: compute() }).value;
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

function solveLoop({ own, step }: Layers): Solution {
  const front = narrowest(own);
  const [turned, steps] = [rotate(own, front), rotate(step, front)];
  const head = turned[0] as Int32Array;
  const ahead = backward(turned, steps);
  const bounds = head.map((cost, c) => cost + at(ahead[0], c));
  const order = Array.from(head.keys()).sort((a, b) => at(bounds, a) - at(bounds, b) || a - b);
  let best: { fixed: number; solution: Solution } | undefined;
  for (const fixed of order) {
    if (best && at(bounds, fixed) > best.solution.total) break;
    const solution = solveChain(unrolled(turned, steps, fixed));
    const gain = best ? best.solution.total - solution.total : Infinity;
    if (!best || gain > 0 || (gain === 0 && fixed < best.fixed)) best = { fixed, solution };
  }
  const { fixed, solution } = best as { fixed: number; solution: Solution };
  const path = rotate([fixed, ...solution.path.slice(1, -1)], own.length - front);
  const through = once(() => rotate(loopThrough(turned, steps), own.length - front));
  return { path, total: solution.total, through };
}

/** The least loop through every candidate: the least over all fixed candidates of the front layer. */
function loopThrough(own: readonly Int32Array[], step: readonly Int32Array[]): Int32Array[] {
  const through = own.map((layer) => new Int32Array(layer.length).fill(NEVER));
  (own[0] as Int32Array).forEach((_, fixed) => {
    const chain = solveChain(unrolled(own, step, fixed)).through();
    through.forEach((least, i) => {
      (chain[i] as Int32Array).forEach((total, c) => {
        const candidate = i === 0 ? fixed : c;
        if (total < at(least, candidate)) least[candidate] = total;
      });
    });
  });
  return through;
}

/** The loop with one candidate of its first layer fixed at both ends: a chain one layer longer. */
function unrolled(own: readonly Int32Array[], step: readonly Int32Array[], fixed: number): Layers {
  const [head, ...rest] = own as [Int32Array, ...Int32Array[]];
  const last = own.length - 1;
  const second = own[1]?.length ?? 0;
  const leaving = (step[0] as Int32Array).slice(fixed * second, (fixed + 1) * second);
  const back = step[last] as Int32Array;
  const returning = (own[last] as Int32Array).map((_, a) => at(back, a * head.length + fixed));
  return {
    own: [head.slice(fixed, fixed + 1), ...rest, new Int32Array(1)],
    step: [leaving, ...step.slice(1, last), returning],
    loop: false,
  };
}

function narrowest(own: readonly Int32Array[]): number {
  let best = 0;
  own.forEach((layer, i) => {
    if (layer.length < (own[best]?.length ?? 0)) best = i;
  });
  return best;
}

const rotate = <T>(items: readonly T[], by: number): T[] => [
  ...items.slice(by),
  ...items.slice(0, by),
];

const at = (costs: Int32Array | undefined, index: number): number => costs?.[index] ?? NEVER;

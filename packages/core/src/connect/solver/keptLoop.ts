import { UNREACHABLE, type Layers, type Step } from './layers';

/** A loop among a few candidates of each layer; all costs between them are written down. */
export interface KeptLoop {
  readonly layers: Layers;
  /** By layer: the candidates that are kept, rising; of those alike the cheapest, of equals the lowest. */
  readonly kept: readonly Int32Array[];
  /** By layer and kept candidate: it and all that are like it. */
  readonly members: readonly (readonly (readonly number[])[])[];
}

/** @param bounds by layer and candidate; those above the limit are left out */
export function loopWithin(
  { own, step, alike }: Layers,
  bounds: readonly Int32Array[],
  limit: number,
): KeptLoop {
  const members = bounds.map((layer, i) => {
    const within = Array.from(layer.keys()).filter((candidate) => layer[candidate]! <= limit);
    return groupsOf(within, own[i]!, alike?.[i]);
  });
  const kept = members.map((layer) => Int32Array.from(layer, ([cheapest]) => cheapest!));
  const layers: Layers = {
    own: kept.map((layer, i) => layer.map((candidate) => own[i]![candidate]!)),
    step: step.map((change, i) => denseStep(change, kept[i]!, kept[(i + 1) % kept.length]!)),
    loop: true,
  };
  return { layers, kept, members };
}

/** Candidates with those like them, the cheapest of each first; all by themselves where nothing is known. */
function groupsOf(
  candidates: readonly number[],
  own: Int32Array,
  alike: Int32Array | undefined,
): number[][] {
  if (!alike) return candidates.map((candidate) => [candidate]);
  const groups = new Map<number, number[]>();
  const byCost = [...candidates].sort((a, b) => own[a]! - own[b]! || a - b);
  for (const candidate of byCost) {
    const group = groups.get(alike[candidate]!);
    if (group) group.push(candidate);
    else groups.set(alike[candidate]!, [candidate]);
  }
  return [...groups.values()].sort(([a], [b]) => a! - b!);
}

/** The same change between a few candidates, its costs written down row by row. */
function denseStep(step: Step, earlier: Int32Array, later: Int32Array): Step {
  const rows = new Int32Array(earlier.length * later.length);
  const columns = new Int32Array(rows.length);
  earlier.forEach((a, row) => {
    later.forEach((b, column) => {
      const cost = step.cost(a, b);
      rows[row * later.length + column] = cost;
      columns[column * earlier.length + row] = cost;
    });
  });
  return {
    forward: (values) => leastOver(rows, values, later.length),
    backward: (values) => leastOver(columns, values, earlier.length),
    cost: (a, b) => rows[a * later.length + b]!,
  };
}

/** For each column the least of value + cost over the rows; rows of `UNREACHABLE` are passed over. */
function leastOver(costs: Int32Array, values: Int32Array, width: number): Int32Array {
  const least = new Int32Array(width).fill(UNREACHABLE);
  for (let row = 0; row < values.length; row += 1) {
    const value = values[row]!;
    if (value >= UNREACHABLE) continue;
    const begin = row * width;
    for (let column = 0; column < width; column += 1) {
      const sum = value + costs[begin + column]!;
      if (sum < least[column]!) least[column] = sum;
    }
  }
  return least;
}

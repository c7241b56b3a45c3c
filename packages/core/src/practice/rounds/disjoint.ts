/**
 * Paths that never meet.
 *
 * Problem: through layers of points, one point of each layer after the other, as many paths as there are kinds of
 * start, each from a start of its own kind, no point on two of them; of all such sets of paths the one that costs
 * least in all.
 *
 * A point is an arc from its way in to its way out that holds one path; each kind of start is an arc of the same
 * sort. Paths are added one by one, each the cheapest that the network still allows, going back over arcs of
 * earlier paths where that pays: successive shortest paths, which is exact. Source: the standard method for
 * flows of least cost (Ahuja, Magnanti, Orlin: Network Flows, 1993, section 9.7), from memory.
 *
 * Cost: the number of paths times a relaxation of all arcs; layers of n points have n squared arcs between them.
 */
export interface DisjointProblem<T> {
  readonly layers: readonly (readonly T[])[];
  /** The kind of a point of the first layer; one path begins from each kind. */
  readonly kindOf: (start: T) => string;
  /** Whole numbers, 0 or more. */
  readonly startCost: (start: T) => number;
  readonly cost: (from: T, to: T) => number;
}

/** The paths, each one point a layer; fewer than kinds where there is no room for more. */
export function disjointPaths<T>(problem: DisjointProblem<T>): T[][] {
  const { layers } = problem;
  const [first] = layers;
  if (!first?.length || layers.some((layer) => !layer.length)) return [];
  const network = new Network();
  const source = network.node();
  const sink = network.node();
  const nodes = layers.map((layer) =>
    layer.map(() => {
      const [enter, leave] = [network.node(), network.node()];
      network.arc(enter, leave, 0);
      return { enter, leave };
    }),
  );
  const kinds = new Map<string, number>();
  first.forEach((start, at) => {
    const kind = problem.kindOf(start);
    if (!kinds.has(kind)) {
      const node = network.node();
      network.arc(source, node, 0);
      kinds.set(kind, node);
    }
    network.arc(kinds.get(kind)!, nodes[0]![at]!.enter, problem.startCost(start));
  });
  layers.slice(1).forEach((layer, index) => {
    layers[index]!.forEach((from, a) => {
      layer.forEach((to, b) => {
        network.arc(nodes[index]![a]!.leave, nodes[index + 1]![b]!.enter, problem.cost(from, to));
      });
    });
  });
  nodes.at(-1)!.forEach(({ leave }) => {
    network.arc(leave, sink, 0);
  });
  while (network.augment(source, sink));
  return first.flatMap((start, at) => {
    if (!network.isUsed(nodes[0]![at]!.enter, nodes[0]![at]!.leave)) return [];
    const path = [start];
    let here = at;
    for (let layer = 1; layer < layers.length; layer += 1) {
      const from = nodes[layer - 1]![here]!.leave;
      here = nodes[layer]!.findIndex(({ enter }) => network.isUsed(from, enter));
      path.push(layers[layer]![here]!);
    }
    return [path];
  });
}

/** Arcs of one unit; each has its way back beside it, at the next odd number. */
class Network {
  private readonly from: number[] = [];
  private readonly to: number[] = [];
  private readonly price: number[] = [];
  private readonly room: number[] = [];
  private readonly leaving: number[][] = [];

  node(): number {
    this.leaving.push([]);
    return this.leaving.length - 1;
  }

  arc(from: number, to: number, price: number): void {
    this.add(from, to, price, 1);
    this.add(to, from, -price, 0);
  }

  isUsed(from: number, to: number): boolean {
    return this.leaving[from]!.some(
      (arc) => arc % 2 === 0 && this.to[arc] === to && this.room[arc] === 0,
    );
  }

  /** One path more, the cheapest there is. @returns false where there is none */
  augment(source: number, sink: number): boolean {
    const cameBy = this.cheapest(source);
    if (cameBy[sink] === undefined) return false;
    for (let node = sink; node !== source;) {
      const arc = cameBy[node]!;
      this.room[arc]! -= 1;
      this.room[arc ^ 1]! += 1;
      node = this.from[arc]!;
    }
    return true;
  }

  private add(from: number, to: number, price: number, room: number): void {
    this.leaving[from]!.push(this.to.length);
    this.from.push(from);
    this.to.push(to);
    this.price.push(price);
    this.room.push(room);
  }

  /** For each node the arc by which it is reached at least cost; ties stay with the first found. */
  private cheapest(source: number): (number | undefined)[] {
    const cost = this.leaving.map(() => Infinity);
    const cameBy: (number | undefined)[] = this.leaving.map(() => undefined);
    const waiting = [source];
    const isWaiting = this.leaving.map(() => false);
    cost[source] = 0;
    for (let next = 0; next < waiting.length; next += 1) {
      const node = waiting[next]!;
      isWaiting[node] = false;
      for (const arc of this.leaving[node]!) {
        if (!this.room[arc]) continue;
        const to = this.to[arc]!;
        const total = cost[node]! + this.price[arc]!;
        if (total >= cost[to]!) continue;
        cost[to] = total;
        cameBy[to] = arc;
        if (!isWaiting[to]) waiting.push(to);
        isWaiting[to] = true;
      }
    }
    return cameBy;
  }
}

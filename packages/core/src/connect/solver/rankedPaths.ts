/**
 * The paths of a chain in the order of their totals: the best, the second best, and so on.
 *
 * Every path but those found so far leaves one of them somewhere: it shares the beginning up to a layer
 * and there takes another candidate than any found path with that beginning. For each such place the best
 * path that leaves there is known at once, because the least cost of going on from each candidate is.
 * The best of all places is the next path, and opens places of its own.
 * Cost: for each path one look at every layer behind the place it left at. Source: Lawler's partition
 * (1972), on the totals of dynamic programming.
 *
 * Ties: of equal totals the path that leaves earlier, then the lower candidate.
 */
import { UNREACHABLE, type Layers } from './layers';

export interface IndexPath {
  readonly path: readonly number[];
  readonly total: number;
}

/** Where paths leave: they begin so, and go on with none of these. */
interface Fork {
  readonly begin: readonly number[];
  readonly without: ReadonlySet<number>;
  readonly best: IndexPath;
}

/** @param ahead least costs from each candidate to the end, its own cost left out */
export function* pathsThrough(
  layers: Layers,
  ahead: readonly Int32Array[],
): Generator<IndexPath, undefined> {
  const first = forkAt(layers, ahead, [], new Set());
  const open = first ? [first] : [];
  for (let fork = takeLeast(open); fork; fork = takeLeast(open)) {
    yield fork.best;
    const { path } = fork.best;
    for (let i = fork.begin.length; i < path.length; i += 1) {
      const without = i === fork.begin.length ? fork.without : new Set<number>();
      const next = forkAt(layers, ahead, path.slice(0, i), new Set([...without, path[i]!]));
      if (next) open.push(next);
    }
  }
  return undefined;
}

function takeLeast(open: Fork[]): Fork | undefined {
  let least = 0;
  open.forEach(({ best, begin }, i) => {
    const champion = open[least]!;
    const earlier = best.total === champion.best.total && begin.length < champion.begin.length;
    if (best.total < champion.best.total || earlier) least = i;
  });
  return open.splice(least, 1)[0];
}

/** The best path that leaves there; none where nothing is left to take. */
function forkAt(
  layers: Layers,
  ahead: readonly Int32Array[],
  begin: readonly number[],
  without: ReadonlySet<number>,
): Fork | undefined {
  const { own } = layers;
  const path = [...begin];
  const total = costOf(layers, begin);
  let onward = 0;
  for (let i = begin.length; i < own.length; i += 1) {
    const barred = i === begin.length ? without : NONE;
    const next = cheapest(layers, ahead, path, barred);
    if (next === undefined) return undefined;
    if (i === begin.length) onward = next.cost;
    path.push(next.candidate);
  }
  return { begin, without, best: { path, total: total + onward } };
}

const NONE: ReadonlySet<number> = new Set();

/** The candidate of the next layer through which the least total goes on; of equals the lower. */
function cheapest(
  { own, step }: Layers,
  ahead: readonly Int32Array[],
  path: readonly number[],
  barred: ReadonlySet<number>,
): { readonly candidate: number; readonly cost: number } | undefined {
  const i = path.length;
  const previous = path[i - 1];
  let best: { candidate: number; cost: number } | undefined;
  own[i]!.forEach((cost, candidate) => {
    const rest = cost + ahead[i]![candidate]!;
    if (barred.has(candidate) || rest >= (best?.cost ?? UNREACHABLE)) return;
    const sum = previous === undefined ? rest : rest + step[i - 1]!.cost(previous, candidate);
    if (sum < (best?.cost ?? UNREACHABLE)) best = { candidate, cost: sum };
  });
  return best;
}

/** What a beginning has cost by its last candidate, that one's own cost included. */
const costOf = ({ own, step }: Layers, path: readonly number[]): number =>
  path.reduce((sum, candidate, i) => {
    const into = i === 0 ? 0 : step[i - 1]!.cost(path[i - 1]!, candidate);
    return sum + into + own[i]![candidate]!;
  }, 0);

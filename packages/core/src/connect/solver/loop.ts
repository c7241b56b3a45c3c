/**
 * The least-cost loop: a path whose last candidate is also joined to its first.
 *
 * With one candidate of a layer fixed at both ends a loop is a chain, but there are as many such chains as
 * candidates. So the loop is first cut open: over chains that start and end anywhere in one layer a forward and a backward pass give, for every candidate, a total that no loop through it comes
 * under. What is asked for, the least loop, the least through each candidate of a layer, the loops in
 * order, is then looked for within a margin: only candidates whose bound lies within it are kept, and
 * among these few all is worked out in full. What costs no more than the margin allows is exact, because no
 * such loop goes through a candidate that was left out; where it does not suffice, the margin is doubled.
 * Cost: two passes, and within a margin that keeps k candidates a layer n·k² costs and as many additions for
 * each candidate that is looked at. Source: dynamic programming with bounds, and iterative deepening.
 *
 * Ties: of equal loops the one through the lower candidate of the layer with the fewest left, then the lower
 * ones in turn.
 */
import { NEVER, boundsOf, solveChain, type Layers, type Ranked, type Solution } from './chain';
import { rotate, roundWithin, type Round } from './round';
import type { Way } from './ways';

export function solveLoop(layers: Layers): Solution {
  const within = margins(layers);
  const { path, total } = leastLoop(within);
  return {
    path,
    total,
    ranked: (layer, limit) => rankedAt(within, layer, limit),
    ways: () => waysRound(within),
  };
}

/** A round that holds every loop up to a total. */
interface Margin {
  readonly round: Round;
  /** By layer and kept candidate: a total that no loop through it comes under. */
  readonly bounds: readonly (readonly number[])[];
  readonly upTo: number;
  /** Nothing is left out. */
  readonly whole: boolean;
}

/** The margins one after another, each worked out once. */
type Margins = (level: number) => Margin;

/** The first margin, in hundredths; each further one is twice as wide. */
const FIRST_MARGIN = 50;

function margins(layers: Layers): Margins {
  const bounds = openBounds(layers);
  const least = Math.min(...bounds.map((layer) => layer.reduce((a, b) => Math.min(a, b), NEVER)));
  const widest = Math.max(...bounds.map((layer) => layer.reduce((a, b) => Math.max(a, b), 0)));
  const known: Margin[] = [];
  return (level) => {
    const upTo = least + FIRST_MARGIN * 2 ** level;
    known[level] ??= marginOf(layers, bounds, upTo, upTo >= widest);
    return known[level];
  };
}

function marginOf(
  layers: Layers,
  bounds: readonly Int32Array[],
  upTo: number,
  whole: boolean,
): Margin {
  const round = roundWithin(layers, bounds, upTo);
  const keptBounds = round.kept.map((layer, i) => layer.map((candidate) => bounds[i]![candidate]!));
  return { round, bounds: keptBounds, upTo, whole };
}

/** For every candidate a total that no loop through it comes under: the loop is cut where it is narrowest. */
function openBounds({ own, step }: Layers): Int32Array[] {
  const cut = narrowest(own.map(({ length }) => length));
  const closing = new Int32Array(own[cut]!.length);
  const opened = { own: [...rotate(own, cut), closing], step: rotate(step, cut), loop: false };
  const { totals } = boundsOf(opened);
  // A loop begins and ends at one candidate of the cut, so both bounds hold of it.
  const front = totals[0]!.map((begin, candidate) => Math.max(begin, totals.at(-1)![candidate]!));
  return rotate([front, ...totals.slice(1, -1)], own.length - cut);
}

const narrowest = (sizes: readonly number[]): number => sizes.indexOf(Math.min(...sizes));

/** The kept candidates of a layer, those of the lowest bound first. */
const byBound = ({ bounds }: Margin, layer: number): number[] =>
  Array.from(bounds[layer]!.keys()).sort(
    (a, b) => bounds[layer]![a]! - bounds[layer]![b]! || a - b,
  );

function leastLoop(within: Margins): Way {
  for (let level = 0; ; level += 1) {
    const margin = within(level);
    const { round, bounds, upTo, whole } = margin;
    const layer = narrowest(round.kept.map(({ length }) => length));
    let [best, least] = [-1, NEVER];
    for (const at of byBound(margin, layer)) {
      if (bounds[layer]![at]! > least) break;
      const total = round.through(layer, at);
      if (total < least || (total === least && at < best)) [best, least] = [at, total];
    }
    if (best < 0 || (least > upTo && !whole)) continue;
    return round.named(solveChain(round.from(layer, best)), layer);
  }
}

function rankedAt(within: Margins, layer: number, limit: number): Ranked[] {
  for (let level = 0; ; level += 1) {
    const margin = within(level);
    const { round, upTo, whole } = margin;
    const members = round.members[layer]!;
    if (members.flat().length < limit && !whole) continue;
    const sure = byBound(margin, layer)
      .flatMap((at) => {
        const total = round.through(layer, at);
        return members[at]!.map((candidate) => ({ candidate, total }));
      })
      .filter(({ total }) => total <= upTo || whole)
      .sort((a, b) => a.total - b.total || a.candidate - b.candidate);
    if (sure.length >= limit || whole) return sure.slice(0, limit);
  }
}

function* waysRound(within: Margins): Generator<Way, undefined> {
  const given = new Set<string>();
  for (let level = 0; ; level += 1) {
    const { round, upTo, whole } = within(level);
    for (const way of waysIn(round)) {
      if (way.total > upTo && !whole) break;
      const name = way.path.join(' ');
      if (given.has(name)) continue;
      given.add(name);
      yield way;
    }
    if (whole) return undefined;
  }
}

/** The loops of a round in the order of their totals: always the next from the start where it is least. */
function* waysIn(round: Round): Generator<Way, undefined> {
  const layer = narrowest(round.kept.map(({ length }) => length));
  const open = round.kept[layer]!.flatMap((_, at) => {
    const rest = solveChain(round.from(layer, at)).ways();
    const next = rest.next();
    return next.done ? [] : [{ next: next.value, rest }];
  });
  while (open.length) {
    open.sort((a, b) => a.next.total - b.next.total);
    const [best] = open;
    if (best!.next.total >= NEVER) return undefined;
    yield round.named(best!.next, layer);
    const after = best!.rest.next();
    if (after.done) open.shift();
    else best!.next = after.value;
  }
  return undefined;
}

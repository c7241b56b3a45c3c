/**
 * The least-cost loop: a path whose last candidate is also joined to its first.
 *
 * With one candidate of a layer fixed at both ends a loop is a chain, but there are as many such chains as
 * candidates. So the loop is first cut open: over chains that start and end anywhere in one layer a forward
 * and a backward pass give, for every candidate, a bound that no loop through it comes under.
 *
 * (1) With the most promising candidate of the cut fixed, some loop is found, and its total. (2) A loop
 * that costs no more goes only through candidates whose bound is no higher; among these few, all is worked
 * out in full for one layer after the narrowest (round.ts), and the least loop is found. (3) When
 * the k least of a layer are asked for, two passes with a candidate of the least loop fixed elsewhere give,
 * for every candidate, the total of some loop through it; the kth of these is as high as the kth least can
 * be, and (2) is done up to there. (4) Loops in the order of their totals are looked for within a margin
 * that is doubled when all in it are told.
 * Cost: three passes, and two more for (3); where a limit keeps k candidates a layer, n·k² costs and, for
 * each candidate kept in the narrowest layer, as many additions or twice. Source: dynamic programming with
 * bounds, and iterative deepening.
 *
 * Ties: of equal loops the one through the lower candidate of the layer with the fewest left, then the lower
 * ones in turn.
 */
import { once } from '../../base/once';
import {
  backwardTotals,
  boundsOf,
  forwardTotals,
  solveChain,
  type Ranked,
  type Solution,
} from './chain';
import { UNREACHABLE, type Layers } from './layers';
import { loopWithin, type KeptLoop } from './keptLoop';
import { inPlace, narrowestOf, opened, openedAt } from './turn';
import type { IndexPath } from './rankedPaths';

export function solveLoop(layers: Layers): Solution {
  const open = openBounds(layers);
  const within = (upTo: number): KeptLoop => loopWithin(layers, open.bounds, upTo);
  const most = someTotal(layers, open);
  const { path, total } = leastLoop(within(most), most);
  const widest = Math.max(...open.bounds.map((layer) => layer.reduce((a, b) => Math.max(a, b), 0)));
  return {
    path,
    total,
    ranked: ranking(layers, within, highTotals(layers, path)),
    rankedPaths: () => waysRound(within, total, widest),
  };
}

/** What is known from the loop cut open. */
interface Open {
  /** The layer it is cut at: the narrowest. */
  readonly cut: number;
  /** For every candidate a total that no loop through it comes under. */
  readonly bounds: readonly Int32Array[];
  /** From the cut round to it, layer by layer, what going on costs at least. */
  readonly ahead: readonly Int32Array[];
}

function openBounds(layers: Layers): Open {
  const cut = narrowestOf(layers);
  const { totals, ahead } = boundsOf(opened(layers, cut));
  const bounds = inPlace(totals, cut);
  // A loop begins and ends at one candidate of the cut, so both bounds hold of it.
  bounds[cut] = totals[0]!.map((begin, candidate) => Math.max(begin, totals.at(-1)![candidate]!));
  return { cut, bounds, ahead };
}

const leastOf = (values: Int32Array): number =>
  values.reduce((a, b) => Math.min(a, b), UNREACHABLE);

/** The total of some loop: the least through the most promising candidate of the cut. */
function someTotal(layers: Layers, { cut, bounds }: Open): number {
  const promising = bounds[cut]!.indexOf(leastOf(bounds[cut]!));
  return forwardTotals(openedAt(layers, cut, promising)).at(-1)![promising]!;
}

/** What a chain may cost up to each candidate, so that a loop can come to so much. */
const allowanceUpTo = ({ ahead }: Open, upTo: number): Int32Array[] =>
  ahead.map((layer) => layer.map((rest) => upTo - rest));

function leastLoop({ layers, kept }: KeptLoop, most: number): IndexPath {
  const open = openBounds(layers);
  const { cut } = open;
  const allowance = allowanceUpTo(open, most);
  const totals = layers.own[cut]!.map(
    (_, at) => forwardTotals(openedAt(layers, cut, at), allowance).at(-1)![at]!,
  );
  const best = totals.indexOf(leastOf(totals));
  return named(solveChain(openedAt(layers, cut, best)), cut, kept);
}

/** A path once round, as candidates from the first layer on. */
const named = ({ path, total }: IndexPath, cut: number, kept: KeptLoop['kept']): IndexPath => ({
  path: inPlace(path, cut).map((at, i) => kept[i]![at]!),
  total,
});

/**
 * For the candidates of a layer the total of some loop through each: the least that somewhere else goes
 * through the candidate of a path.
 */
function highTotals(layers: Layers, path: readonly number[]): (layer: number) => Int32Array {
  const cut = narrowestOf(layers);
  const other = (cut + Math.floor(path.length / 2)) % path.length;
  const through = (at: number) =>
    once(() => inPlace(boundsOf(openedAt(layers, at, path[at]!)).totals, at));
  const [throughCut, throughOther] = [through(cut), through(other)];
  return (layer) => (layer === cut ? throughOther() : throughCut())[layer]!;
}

function ranking(
  { own }: Layers,
  within: (upTo: number) => KeptLoop,
  high: (layer: number) => Int32Array,
): Solution['ranked'] {
  let known = { upTo: -1, totals: [] as readonly (readonly Ranked[])[] };
  return (layer, limit) => {
    const totals = high(layer).slice().sort();
    const upTo = totals[Math.min(limit, totals.length) - 1] ?? known.upTo;
    if (upTo > known.upTo) known = { upTo, totals: rankedWithin(own, within(upTo), upTo) };
    return known.totals[layer]!.slice(0, limit);
  };
}

/** By layer the candidates through which a loop comes to no more than so much, the least first. */
function rankedWithin(own: Layers['own'], { layers, members }: KeptLoop, upTo: number): Ranked[][] {
  return leastTotals(layers, upTo).map((totals, i) =>
    members[i]!.flatMap((group, at) =>
      group.map((candidate) => {
        const extra = own[i]![candidate]! - own[i]![group[0]!]!;
        return { candidate, total: totals[at]! + extra };
      }),
    )
      .filter(({ total }) => total <= upTo)
      .sort((a, b) => a.total - b.total || a.candidate - b.candidate),
  );
}

/** By layer and kept candidate the least total of a loop through it, where that is no more than so much. */
function leastTotals(layers: Layers, upTo: number): Int32Array[] {
  const open = openBounds(layers);
  const { cut } = open;
  const allowance = allowanceUpTo(open, upTo);
  const least = layers.own.map(({ length }) => new Int32Array(length).fill(UNREACHABLE));
  layers.own[cut]!.forEach((_, at) => {
    const turned = openedAt(layers, cut, at);
    const behind = forwardTotals(turned, allowance);
    if (behind.at(-1)![at]! > upTo) return;
    const rest = behind.map((layer) => layer.map((cost) => upTo - cost));
    const ahead = backwardTotals(turned, rest);
    behind.slice(0, -1).forEach((layer, i) => {
      const here = least[(cut + i) % least.length]!;
      layer.forEach((cost, candidate) => {
        here[candidate] = Math.min(here[candidate]!, cost + ahead[i]![candidate]!);
      });
    });
  });
  return least;
}

/** The first margin, in hundredths; each further one is twice as wide. */
const FIRST_MARGIN = 50;

function* waysRound(
  within: (upTo: number) => KeptLoop,
  total: number,
  widest: number,
): Generator<IndexPath, undefined> {
  const given = new Set<string>();
  for (let margin = FIRST_MARGIN; ; margin *= 2) {
    const whole = total + margin >= widest;
    for (const way of pathsIn(within(total + margin))) {
      if (way.total > total + margin && !whole) break;
      const name = way.path.join(' ');
      if (given.has(name)) continue;
      given.add(name);
      yield way;
    }
    if (whole) return undefined;
  }
}

/** The loops of a round in the order of their totals: always the next from the start where it is least. */
function* pathsIn({ layers, kept }: KeptLoop): Generator<IndexPath, undefined> {
  const cut = narrowestOf(layers);
  const open = Array.from(kept[cut]!.keys()).flatMap((at) => {
    const rest = solveChain(openedAt(layers, cut, at)).rankedPaths();
    const next = rest.next();
    return next.done ? [] : [{ next: next.value, rest }];
  });
  while (open.length) {
    open.sort((a, b) => a.next.total - b.next.total);
    const [best] = open;
    if (best!.next.total >= UNREACHABLE) return undefined;
    yield named(best!.next, cut, kept);
    const after = best!.rest.next();
    if (after.done) open.shift();
    else best!.next = after.value;
  }
  return undefined;
}

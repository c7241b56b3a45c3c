/**
 * The search for the least, where there are many sounds.
 *
 * Most of the cost of a change is a sum over voices, and no voice moves for less than `slope` a semitone.
 * So a pair costs at least what its two tones on top cost, and `slope` times the distance of what the
 * pitches below them add up to. Sources stand in groups of one tone on top, a group in cells of one sum,
 * rising, and a cell by value. A target goes through the groups, the most promising first; in each it looks
 * at its own sum first, then further and further down and up, until no source from there on can come in
 * under the best total it has. What is left is weighed in full.
 *
 * Exact, because nothing is passed over but what cannot come in under a total already in hand, and because
 * whatever a pair costs beyond its voices (a block shift, spare voices, the way along the neck) is 0 or
 * more and is added in full when the pair is weighed.
 * Cost: at worst all pairs of sounds; in practice some dozens a target. Source: branch and bound.
 */
import type { Pairing } from './pairings';
import { offer, runOver, type SearchSpace, type Run } from './run';
import { together } from './soundCosts';
import { sourcesOf, type Sources } from './sources';
import type { LeastByTarget } from './sweep';

export function search(space: SearchSpace, pairings: readonly Pairing[]): LeastByTarget {
  return (values) => {
    const run = runOver(space, values);
    for (const pairing of pairings) searchPairing(pairing, run);
    return run.best;
  };
}

/** What is at hand while a target looks. Flat, because it is asked for at every step. */
interface Search extends Sources {
  readonly run: Run;
  readonly fees: Int32Array;
  readonly whole: boolean;
  readonly size: number;
  readonly slope: number;
  readonly topTone: Int32Array;
  readonly cells: Int32Array;
  readonly sums: Int32Array;
  readonly nearest: readonly Int32Array[];
  readonly starts: Int32Array;
  readonly sourceTones: Int32Array;
  readonly sourceSound: Int32Array;
  readonly octave: Int32Array;
  readonly least: Int32Array;
  readonly innerPrice: Int32Array;
  readonly topPrice: Int32Array;
  readonly width: number;
  readonly targetTones: Int32Array;
}

/** Finds for every target of a pairing its best source; see sweep.ts for why nothing is lost. */
function searchPairing(pairing: Pairing, run: Run): void {
  const { target, targetFees } = pairing;
  const search = searchOf(pairing, run);
  const ranking = emptyRanking(search.topTone.length);
  for (let topGroup = 0; topGroup < target.topTone.length; topGroup += 1) {
    rankGroups(search, target.topTone[topGroup]!, ranking);
    const first = target.starts[target.cells[topGroup]!]!;
    const last = target.starts[target.cells[topGroup + 1]!]!;
    for (let t = first; t < last; t += 1) {
      searchForTarget(search, ranking, t, target.sound[t]!, targetFees[t]!, target.inner[t]!);
    }
  }
}

/** The source groups for targets with one tone on top, the most promising first. */
interface Ranking {
  readonly group: Int32Array;
  /** What the two tones on top cost. */
  readonly onTop: Int32Array;
  /** That and the least value in the group. */
  readonly least: Int32Array;
}

const emptyRanking = (count: number): Ranking => ({
  group: new Int32Array(count),
  onTop: new Int32Array(count),
  least: new Int32Array(count),
});

/** Fills the ranking in for one tone on top. */
function rankGroups(
  { topTone, topPrice, width, groupLeast }: Search,
  tone: number,
  { group, onTop, least }: Ranking,
): void {
  for (let each = 0; each < topTone.length; each += 1) {
    const price = topPrice[tone * width + topTone[each]!]!;
    const sum = price + groupLeast[each]!;
    // A dozen at most, and asked for often: put in their places one by one.
    let rank = each;
    while (rank > 0 && least[rank - 1]! > sum) {
      group[rank] = group[rank - 1]!;
      onTop[rank] = onTop[rank - 1]!;
      least[rank] = least[rank - 1]!;
      rank -= 1;
    }
    group[rank] = each;
    onTop[rank] = price;
    least[rank] = sum;
  }
}

/** Looks for one target through the groups, until none that is left can help. */
function searchForTarget(
  search: Search,
  { group, onTop, least }: Ranking,
  t: number,
  sound: number,
  fee: number,
  inner: number,
): void {
  const { bounds } = search.run;
  for (let rank = 0; rank < group.length; rank += 1) {
    if (least[rank]! + fee >= bounds[sound]!) return;
    lookThrough(search, t, sound, fee + onTop[rank]!, group[rank]!, inner);
  }
}

/**
 * Tries the entries of a group, from the target's own inner sum down and up.
 * @param sure what the top voices cost, and the target's fee
 */
function lookThrough(
  search: Search,
  t: number,
  sound: number,
  sure: number,
  group: number,
  inner: number,
): void {
  const { fromBelow, fromAbove, slope, cells, sums } = search;
  const { bounds } = search.run;
  const first = cells[group]!;
  const end = cells[group + 1]!;
  const below = cellBelow(search, group, inner);
  for (let cell = below; cell >= first; cell -= 1) {
    const way = sure + slope * (inner - sums[cell]!);
    if (fromBelow[cell]! + way >= bounds[sound]!) break;
    look(search, t, sound, sure, cell, way);
  }
  for (let cell = below + 1; cell < end; cell += 1) {
    const way = sure + slope * (sums[cell]! - inner);
    if (fromAbove[cell]! + way >= bounds[sound]!) break;
    look(search, t, sound, sure, cell, way);
  }
}

/** The last cell of a group whose sum is not above an inner sum; the one before the first where all are. */
function cellBelow({ cells, sums, nearest }: Search, group: number, inner: number): number {
  const first = cells[group]!;
  const above = inner - sums[first]!;
  if (above < 0) return first - 1;
  const known = nearest[group]!;
  return above < known.length ? known[above]! : cells[group + 1]! - 1;
}

/** Tries the entries of one cell: each is weighed in full, until none that is left can help. */
function look(
  search: Search,
  t: number,
  to: number,
  sure: number,
  cell: number,
  way: number,
): void {
  const { value, entry, starts, size, width, innerPrice, targetTones, sourceTones } = search;
  const { fees, least, sourceSound, whole, run } = search;
  const { bounds } = run;
  const end = starts[cell + 1]!;
  const ours = t * size;
  for (let k = starts[cell]!; k < end && value[k]! + way < bounds[to]!; k += 1) {
    const e = entry[k]!;
    const theirs = e * size;
    const from = sourceSound[e]!;
    let cost = sure + fees[e]!;
    for (let voice = 1; voice < size; voice += 1) {
      cost += innerPrice[targetTones[ours + voice]! * width + sourceTones[theirs + voice]!]!;
    }
    if (cost + least[from]! >= bounds[to]!) continue;
    offer(run, from, to, whole ? cost + togetherIn(search, from, to, e) : cost);
  }
}

function togetherIn({ run, octave }: Search, from: number, to: number, e: number): number {
  const { source, target, prices } = run.space;
  if (source.shape[from] !== target.shape[to]) return 0;
  return together(source, from, target, to, octave[e]!, prices);
}

function searchOf({ source, target, fees, whole }: Pairing, run: Run): Search {
  const { inner, top, width } = run.space.table;
  const slope = run.space.table.slope();
  const { entry, value, fromBelow, fromAbove, groupLeast } = sourcesOf(source, fees, run, slope);
  return {
    fees,
    entry,
    value,
    fromBelow,
    fromAbove,
    groupLeast,
    run,
    whole,
    size: source.size,
    slope,
    topTone: source.topTone,
    cells: source.cells,
    sums: source.sums,
    nearest: source.nearest,
    starts: source.starts,
    sourceTones: source.tones,
    sourceSound: source.sound,
    octave: source.octave,
    least: run.least,
    innerPrice: inner,
    topPrice: top,
    width,
    targetTones: target.tones,
  };
}

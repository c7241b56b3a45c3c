/**
 * The least-cost loop: a path whose last candidate is also joined to its first.
 *
 * With one candidate of the front layer fixed at both ends a loop is a chain, but there are as many such
 * chains as candidates. So groups of them are bounded first: over a chain that starts and ends anywhere
 * in the group, and so costs no more than any loop through a member. The group with the least bound is
 * opened next. Where its chain starts and ends at one candidate, that is a loop, and no other can be
 * cheaper; else the group is split between the two ends. What comes out are the candidates of the front
 * layer in the order of their loops, each exact.
 * Cost: one pass over the layers for each group that is opened; often a handful, at worst twice the front
 * layer's size. Source: best-first branch and bound.
 *
 * Ties: of groups with one bound the one with the lower first member is opened first.
 */
import { NEVER, solveChain, type Layers, type Ranked, type Solution, type Step } from './chain';
import type { Way } from './ways';

export function solveLoop({ own, step }: Layers): Solution {
  const turnedTo = (front: number): Turned => ({
    own: rotate(own, front),
    step: rotate(step, front),
  });
  const front = narrowest(own);
  const turned = turnedTo(front);
  const best = loopsByTotal(turned).next().value as Ranked;
  const chain = solveChain(unrolled(turned, best.candidate));
  const path = rotate([best.candidate, ...chain.path.slice(1, -1)], own.length - front);
  return {
    path,
    total: best.total,
    ranked: (layer, limit) => take(loopsByTotal(turnedTo(layer)), limit),
    ways: () => waysRound(turned, own.length - front),
  };
}

/** The layers of a loop from the one in front on; the last step leads back to it. */
interface Turned {
  readonly own: readonly Int32Array[];
  readonly step: readonly Step[];
}

/** Candidates of the front layer, and the least chain that starts and ends among them. */
interface Group {
  readonly members: readonly number[];
  readonly bound: number;
  readonly start: number;
  readonly end: number;
}

function* loopsByTotal(turned: Turned): Generator<Ranked> {
  const everyone = Array.from(turned.own[0]!.keys());
  const open: Group[] = [bounded(turned, everyone)];
  for (let group = open.pop(); group; group = open.pop()) {
    const { members, bound, start, end } = group;
    if (start === end) {
      yield { candidate: start, total: bound };
      file(
        open,
        turned,
        members.filter((member) => member !== start),
      );
    } else {
      const middle = Math.floor((start + end) / 2);
      file(
        open,
        turned,
        members.filter((member) => member <= middle),
      );
      file(
        open,
        turned,
        members.filter((member) => member > middle),
      );
    }
  }
}

/** Puts a group in its place, the next one to open last. */
function file(open: Group[], turned: Turned, members: readonly number[]): void {
  if (!members.length) return;
  const group = bounded(turned, members);
  const later = (other: Group): boolean =>
    other.bound > group.bound ||
    (other.bound === group.bound && other.members[0]! > group.members[0]!);
  let place = open.length;
  while (place > 0 && !later(open[place - 1]!)) place -= 1;
  open.splice(place, 0, group);
}

/** The least chain once round that starts at one member and ends at one. */
function bounded(turned: Turned, members: readonly number[]): Group {
  const rounds = onceRound(turned, members);
  const ends = rounds.at(-1)!;
  const end = members.reduce((best, member) => (ends[member]! < ends[best]! ? member : best));
  // A member that comes back to itself at the same cost is a loop, and settles the group.
  const alike = members.filter((member) => ends[member] === ends[end]);
  const closed = alike.find((member) => startOf(turned, rounds, member) === member) ?? end;
  const start = startOf(turned, rounds, closed);
  return { members, bound: ends[closed]!, start, end: closed };
}

/** Least costs of chains from the members on, layer by layer; the last is the front layer once more. */
function onceRound({ own, step }: Turned, members: readonly number[]): Int32Array[] {
  const begin = new Int32Array(own[0]!.length).fill(NEVER);
  for (const member of members) begin[member] = own[0]![member]!;
  const rounds: Int32Array[] = [begin];
  step.forEach((change, i) => {
    const costs = change.forward(rounds[i]!);
    const here = own[i + 1];
    rounds.push(here ? costs.map((cost, b) => Math.min(NEVER, cost + here[b]!)) : costs);
  });
  return rounds;
}

/** Follows the least chain from its end back to where it began; of equals the first. */
function startOf({ own, step }: Turned, rounds: readonly Int32Array[], end: number): number {
  let at = end;
  for (let i = step.length - 1; i >= 0; i -= 1) {
    const cost = rounds[i + 1]![at]! - (own[i + 1]?.[at] ?? 0);
    const before = rounds[i]!;
    at = before.findIndex((left, a) => left <= cost && left + step[i]!.cost(a, at) === cost);
  }
  return at;
}

/**
 * The loops in the order of their totals: those through each candidate of the front layer, candidate by
 * candidate as their best loops come, and the next one always from where it is the least.
 * @param turnBy brings a path back to begin with the first layer
 */
function* waysRound(turned: Turned, turnBy: number): Generator<Way, undefined> {
  const fronts = loopsByTotal(turned);
  let coming = fronts.next();
  const open: { next: Way; rest: Generator<Way, undefined> }[] = [];
  for (;;) {
    open.sort((a, b) => a.next.total - b.next.total);
    const best = open[0];
    if (!coming.done && (!best || coming.value.total <= best.next.total)) {
      const rest = solveChain(unrolled(turned, coming.value.candidate)).ways();
      const next = rest.next();
      if (!next.done) open.push({ next: next.value, rest });
      coming = fronts.next();
      continue;
    }
    if (!best || best.next.total >= NEVER) return undefined;
    yield { path: rotate(best.next.path.slice(0, -1), turnBy), total: best.next.total };
    const after = best.rest.next();
    if (after.done) open.shift();
    else best.next = after.value;
  }
}

function take(ranked: Iterable<Ranked>, limit: number): Ranked[] {
  const taken: Ranked[] = [];
  for (const each of ranked) {
    if (taken.length >= limit) break;
    taken.push(each);
  }
  return taken;
}

/** The loop with one candidate of its front layer fixed at both ends: a chain one layer longer. */
function unrolled({ own, step }: Turned, fixed: number): Layers {
  const only = (costs: Int32Array): Int32Array =>
    costs.map((cost, candidate) => (candidate === fixed ? cost : NEVER));
  return {
    own: [only(own[0]!), ...own.slice(1), only(new Int32Array(own[0]!.length))],
    step,
    loop: false,
  };
}

function narrowest(own: readonly Int32Array[]): number {
  let best = 0;
  own.forEach((layer, i) => {
    if (layer.length < own[best]!.length) best = i;
  });
  return best;
}

const rotate = <T>(items: readonly T[], by: number): T[] => [
  ...items.slice(by),
  ...items.slice(0, by),
];

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
import { NEVER, solveChain, type Layers, type Ranked, type Solution } from './chain';

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
  };
}

/** The layers of a loop from the one in front on; the last step leads back to it. */
interface Turned {
  readonly own: readonly Int32Array[];
  readonly step: readonly Int32Array[];
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
function bounded({ own, step }: Turned, members: readonly number[]): Group {
  const head = own[0]!;
  let costs: Int32Array = new Int32Array(head.length).fill(NEVER);
  for (const member of members) costs[member] = head[member]!;
  let origins: Int32Array = Int32Array.from(head.keys());
  for (let i = 1; i <= own.length; i += 1) {
    const last = i === own.length;
    const layer = last ? head : own[i]!;
    const next = new Int32Array(layer.length).fill(NEVER);
    const from = new Int32Array(layer.length);
    const joins = step[i - 1]!;
    for (let a = 0; a < costs.length; a += 1) {
      const cost = costs[a]!;
      if (cost >= NEVER) continue;
      const row = a * layer.length;
      for (let b = 0; b < layer.length; b += 1) {
        const sum = cost + joins[row + b]!;
        if (sum < next[b]!) {
          next[b] = sum;
          from[b] = origins[a]!;
        }
      }
    }
    if (!last) for (let b = 0; b < layer.length; b += 1) next[b]! += layer[b]!;
    costs = next;
    origins = from;
  }
  const end = members.reduce((best, member) => (costs[member]! < costs[best]! ? member : best));
  // A member that comes back to itself at the same cost is a loop, and settles the group.
  const closed = members.find(
    (member) => costs[member] === costs[end] && origins[member] === member,
  );
  const settled = closed ?? end;
  return { members, bound: costs[settled]!, start: origins[settled]!, end: settled };
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
  const [head, ...rest] = own as [Int32Array, ...Int32Array[]];
  const last = own.length - 1;
  const second = own[1]?.length ?? 0;
  const back = step[last]!;
  const leaving = step[0]!.slice(fixed * second, (fixed + 1) * second);
  const returning = own[last]!.map((_, a) => back[a * head.length + fixed]!);
  return {
    own: [head.slice(fixed, fixed + 1), ...rest, new Int32Array(1)],
    step: [leaving, ...step.slice(1, last), returning],
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

/** Something that stands over a bar: where it would, and what it needs to its right, in pixels. */
export interface Standing {
  readonly x: number;
  readonly room: number;
}

/**
 * Moves what stands along a bar apart, as little as it takes, so that each has its room: first to the right,
 * then what would go over the end back to the left. Where all of them need more than there is, each has its share.
 * @param standing from left to right
 * @param end of the bar, in pixels
 * @returns where anything of the bar comes to stand, what is between two of them in proportion
 */
export function makeRoom(standing: readonly Standing[], end: number): (x: number) => number {
  const [first] = standing;
  if (!first) return (x) => x;
  const needed = standing.reduce((sum, { room }) => sum + room, 0);
  const share = Math.min(1, (end - first.x) / needed);
  const moved: number[] = [];
  standing.forEach(({ x }, at) => {
    const before = standing[at - 1];
    moved.push(before ? Math.max(x, moved[at - 1]! + before.room * share) : x);
  });
  for (let at = moved.length - 1; at > 0; at -= 1) {
    const limit = (moved[at + 1] ?? end) - standing[at]!.room * share;
    moved[at] = Math.min(moved[at]!, limit);
  }
  const from = [...standing.map(({ x }) => x), end];
  const to = [...moved, end];
  return (x) => between(x, from, to);
}

/** The value that lies between values as `x` lies between others; beyond the first and the last as far as there. */
function between(x: number, from: readonly number[], to: readonly number[]): number {
  const at = from.findLastIndex((each) => each <= x);
  if (at < 0) return x + to[0]! - from[0]!;
  if (at >= from.length - 1) return x + to.at(-1)! - from.at(-1)!;
  const part = (x - from[at]!) / (from[at + 1]! - from[at]!);
  return to[at]! + part * (to[at + 1]! - to[at]!);
}

/** A moment, and where it stands. */
export interface Spot {
  /** In ticks from the beginning of the bar. */
  readonly at: number;
  readonly x: number;
}

/** A moment that needs room to its right, in pixels. */
interface Needing {
  readonly at: number;
  readonly room: number;
}

/** Where a moment stands: at its own spot, or in time between its neighbours. @param spots in order of time */
export function xAt(spots: readonly Spot[], at: number): number {
  return between(
    at,
    spots.map((each) => each.at),
    spots.map(({ x }) => x),
  );
}

/**
 * The moments of a bar so far apart that what stands over them has its room.
 * @param spots where they would stand, in order of time, the end of the bar the last
 * @returns how anything of the bar moves, and where every moment stands then
 */
export function spread(
  spots: readonly Spot[],
  needing: readonly Needing[],
): { readonly move: (x: number) => number; readonly spots: readonly Spot[] } {
  const over = needing.map(({ at, room }) => ({ at, x: xAt(spots, at), room }));
  const move = makeRoom(over, spots.at(-1)!.x);
  const all = new Map([...spots, ...over].map(({ at, x }) => [at, move(x)]));
  const moved = [...all].map(([at, x]) => ({ at, x })).sort((one, other) => one.at - other.at);
  return { move, spots: moved };
}

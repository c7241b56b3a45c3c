/**
 * Which key each chord is in.
 *
 * Problem: to every chord a key, so that the sum of what the chords cost in their keys and of what the
 * changes of key cost is least over the whole chart: fewest modulations that explain the chords. Along a chain
 * of ii–V–Is (keyChains.ts) the key moves almost for nothing.
 * A stretch in one key must hold its own tonic or last four bars; a shorter one without its tonic stays
 * a passing colour of the key round it. Only the last stretch may be cut short, at a cost; at none where its ii–V leads
 * home round to the top.
 *
 * Phases: (1) every chord is read in all 24 keys; (2) one forward pass over states of key and standing,
 * where the standing says whether the stretch is confirmed by its tonic, by its length, or how many
 * chords old it is; (3) one backward pass, so that for every chord the best whole reading in each other
 * key is known too, which tells where two keys are honest.
 *
 * Cost: in proportion to the number of chords, each with 24 keys times `OLDEST + 2` standings and 24
 * squared changes. All costs are whole tenths; ties go to the earlier key of the table, then to staying.
 */
import {
  BY_LENGTH,
  BY_TONIC,
  COUNT,
  UNREACHABLE,
  POSITIONS,
  STANDINGS,
  STATES,
  changesOf,
  endCost,
  leaveCost,
  noTonicCosts,
  notHome,
  oldestAges,
  weightOf,
  type KeyProblem,
} from './keyCosts';

export interface KeyPath {
  /** For each moment its key, as a position in the keys of the problem. */
  readonly keys: readonly number[];
  readonly total: number;
  /** For each moment the least total with each key there. */
  readonly totals: readonly (readonly number[])[];
}

/** The least costly keys of a chart, and what every other key would cost at every chord. */
export function keysOf(problem: KeyProblem): KeyPath {
  const search = new KeySearch(problem);
  const states = search.best();
  const keys = states.map((state) => Math.floor(state / STANDINGS));
  return { keys, total: search.totalOf(states), totals: search.totals() };
}

/** The tables of one search. Rows of states are laid end to end, one for each moment. */
class KeySearch {
  private readonly count: number;
  /** For each moment and key: what its reading costs, and whether it is the tonic. */
  private readonly cost: Int32Array;
  private readonly isTonic: Uint8Array;
  /** For each moment the age a stretch may have there and still be under four bars. */
  private readonly oldest: Int32Array;
  /** For each key what a stretch costs that never reaches its tonic. */
  private readonly noTonic: Int32Array;
  private readonly ends: Int32Array;
  /** For each moment what entering each key from each other costs, as `from * COUNT + to`. */
  private readonly changes: readonly Int32Array[];
  private readonly forward: Int32Array;
  private readonly backward: Int32Array;

  constructor(problem: KeyProblem) {
    const { keys, moments, readings } = problem;
    this.count = moments.length;
    this.cost = new Int32Array(this.count * COUNT);
    this.isTonic = new Uint8Array(this.count * COUNT);
    readings.forEach((row, at) => {
      const weight = weightOf(moments[at]!, problem.fourBars);
      row.forEach((reading, key) => {
        const root = moments[at]!.root === keys[key]!.tonic;
        this.cost[at * COUNT + key] = reading.cost * weight;
        this.isTonic[at * COUNT + key] = Number(root && reading.function === 'tonic');
      });
    });
    this.oldest = oldestAges(problem);
    this.noTonic = noTonicCosts(problem);
    this.ends = Int32Array.from({ length: STATES }, (_, state) =>
      endCost(problem, this.noTonic, state),
    );
    this.changes = changesOf(problem);
    this.forward = this.forwardPass(problem);
    this.backward = this.backwardPass();
  }

  /** The states of the least total, found from the end by what could have led there. */
  best(): number[] {
    if (!this.count) return [];
    const states = [this.lastState()];
    for (let at = this.count - 1; at > 0; at -= 1) {
      states.unshift(this.stateBefore(at, states[0]!));
    }
    return states;
  }

  totalOf(states: readonly number[]): number {
    const last = states.at(-1);
    if (last === undefined) return 0;
    return this.forward[(this.count - 1) * STATES + last]! + this.ends[last]!;
  }

  totals(): number[][] {
    return Array.from({ length: this.count }, (_, at) =>
      POSITIONS.map((key) => {
        let least = UNREACHABLE;
        for (let standing = 0; standing < STANDINGS; standing += 1) {
          const state = at * STATES + key * STANDINGS + standing;
          least = Math.min(least, this.forward[state]! + this.backward[state]!);
        }
        return least;
      }),
    );
  }

  /** The standing of a stretch with one more chord in it; -1 before its first. */
  private standingWith(at: number, key: number, before: number): number {
    if (before === BY_TONIC || this.isTonic[at * COUNT + key]) return BY_TONIC;
    if (before === BY_LENGTH) return BY_LENGTH;
    return before + 1 <= this.oldest[at]! ? before + 1 : BY_LENGTH;
  }

  private forwardPass(problem: KeyProblem): Int32Array {
    const rows = new Int32Array(this.count * STATES).fill(UNREACHABLE);
    for (let at = 0; at < this.count; at += 1) {
      const row = at * STATES;
      for (let key = 0; key < COUNT; key += 1) {
        const cost = this.cost[at * COUNT + key]!;
        const begin = row + key * STANDINGS + this.standingWith(at, key, -1);
        rows[begin] = cost + (at === 0 ? notHome(problem, key) : this.entered(rows, at, key));
        if (at > 0) this.goOn(rows, at, key, cost);
      }
    }
    return rows;
  }

  /** The least total with which another key is left for this one. */
  private entered(rows: Int32Array, at: number, key: number): number {
    const before = (at - 1) * STATES;
    let least = UNREACHABLE;
    for (let from = 0; from < COUNT; from += 1) {
      const state = before + from * STANDINGS;
      const long = rows[state + BY_LENGTH]! + this.noTonic[from]!;
      const left = Math.min(rows[state + BY_TONIC]!, long);
      least = Math.min(least, left + this.changes[at]![from * COUNT + key]!);
    }
    return least;
  }

  private goOn(rows: Int32Array, at: number, key: number, cost: number): void {
    const here = at * STATES + key * STANDINGS;
    const before = here - STATES;
    for (let standing = 0; standing < STANDINGS; standing += 1) {
      const total = rows[before + standing]!;
      if (total >= UNREACHABLE) continue;
      const state = here + this.standingWith(at, key, standing);
      rows[state] = Math.min(rows[state]!, total + cost);
    }
  }

  /** What comes after a chord in a state, the chord's own cost left out. */
  private backwardPass(): Int32Array {
    const rows = new Int32Array(this.count * STATES);
    for (let at = this.count - 1; at >= 0; at -= 1) {
      const enter = at === this.count - 1 ? undefined : this.entering(rows, at + 1);
      for (let state = 0; state < STATES; state += 1) {
        rows[at * STATES + state] = enter ? this.after(rows, at, state, enter) : this.ends[state]!;
      }
    }
    return rows;
  }

  private after(rows: Int32Array, at: number, state: number, enter: readonly number[]): number {
    const key = Math.floor(state / STANDINGS);
    const standing = state % STANDINGS;
    const stays = (at + 1) * STATES + key * STANDINGS + this.standingWith(at + 1, key, standing);
    const staying = rows[stays]! + this.cost[(at + 1) * COUNT + key]!;
    return Math.min(staying, enter[key]! + leaveCost(standing, this.noTonic[key]!));
  }

  /** For each key, the least of changing from it into another at this chord. */
  private entering(rows: Int32Array, at: number): number[] {
    const begin = POSITIONS.map((to) => {
      const state = at * STATES + to * STANDINGS + this.standingWith(at, to, -1);
      return this.cost[at * COUNT + to]! + rows[state]!;
    });
    return POSITIONS.map((from) => {
      let least = UNREACHABLE;
      for (let to = 0; to < COUNT; to += 1) {
        least = Math.min(least, begin[to]! + this.changes[at]![from * COUNT + to]!);
      }
      return least;
    });
  }

  private lastState(): number {
    const row = (this.count - 1) * STATES;
    let best = 0;
    for (let state = 1; state < STATES; state += 1) {
      const total = this.forward[row + state]! + this.ends[state]!;
      if (total < this.forward[row + best]! + this.ends[best]!) best = state;
    }
    return best;
  }

  private stateBefore(at: number, state: number): number {
    const key = Math.floor(state / STANDINGS);
    const before = (at - 1) * STATES;
    const wanted = this.forward[at * STATES + state]! - this.cost[at * COUNT + key]!;
    for (let standing = STANDINGS - 1; standing >= 0; standing -= 1) {
      const from = key * STANDINGS + standing;
      const leads = key * STANDINGS + this.standingWith(at, key, standing) === state;
      if (leads && this.forward[before + from] === wanted) return from;
    }
    for (let from = 0; from < COUNT; from += 1) {
      for (const standing of [BY_TONIC, BY_LENGTH]) {
        const leaving = leaveCost(standing, this.noTonic[from]!);
        const left = this.forward[before + from * STANDINGS + standing]! + leaving;
        const entered = left + this.changes[at]![from * COUNT + key]!;
        if (entered === wanted) return from * STANDINGS + standing;
      }
    }
    throw new Error('The way back through the keys was lost');
  }
}

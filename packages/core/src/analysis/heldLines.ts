/**
 * The lines of held notes that change least over a run of chords.
 *
 * Problem: to every chord one of its notes, so that the note changes as seldom as can be and then moves as little as can
 * be. Further voices do the same beside the ones before, on notes of their own.
 * Phases: one forward pass over chords and their notes, then the way back; voice after voice.
 * Cost: in proportion to the chords, each with the square of its notes. Ties go to the note that comes earlier in its row.
 */
import { pitchClass } from '../base/units';
import { pitchClassOf, type NoteName } from '../pitch/spelling';

/** A note that is held over some chords, named as the first of them spells it. */
export interface HeldOver {
  readonly note: NoteName;
  /** Positions of the first and the last chord. */
  readonly from: number;
  readonly to: number;
}

/** A change costs more than any movement: a line moves six half steps at the most, the nearer way. */
const CHANGE = 1000;

/** Half steps between two notes, the nearer way, 0..6. */
const apart = (a: NoteName, b: NoteName): number => {
  const up = pitchClass(pitchClassOf(b) - pitchClassOf(a)) as number;
  return Math.min(up, 12 - up);
};

const between = (a: NoteName, b: NoteName): number => {
  const step = apart(a, b);
  return step === 0 ? 0 : CHANGE + step;
};

/**
 * So many lines, the one that changes least first; fewer where a chord has not notes enough. The rows are the notes of
 * each chord, or of its scale, in order of time. Over Dm7 G7 Cmaj7 D is held for two chords, then goes to C.
 */
export function heldLines(rows: readonly (readonly NoteName[])[], voices: number): HeldOver[][] {
  const lines: NoteName[][] = [];
  for (let voice = 0; voice < voices; voice += 1) {
    const free = rows.map((row, at) =>
      row.filter((note) => lines.every((line) => apart(line[at]!, note) !== 0)),
    );
    if (!rows.length || free.some((row) => !row.length)) break;
    lines.push(leastChanging(free));
  }
  return lines.map(joined);
}

function leastChanging(rows: readonly (readonly NoteName[])[]): NoteName[] {
  let totals = rows[0]!.map(() => 0);
  const cameFrom: number[][] = [];
  rows.slice(1).forEach((row, at) => {
    const before = rows[at]!;
    const steps = row.map((note) =>
      leastOf(before, (other, from) => totals[from]! + between(other, note)),
    );
    cameFrom.push(steps.map(({ position }) => position));
    totals = steps.map(({ cost }) => cost);
  });
  let position = leastOf(totals, (total) => total).position;
  const line = [rows.at(-1)![position]!];
  for (let at = rows.length - 2; at >= 0; at -= 1) {
    position = cameFrom[at]![position]!;
    line.unshift(rows[at]![position]!);
  }
  return line;
}

function leastOf<T>(
  items: readonly T[],
  costOf: (item: T, position: number) => number,
): { readonly position: number; readonly cost: number } {
  let best = { position: 0, cost: Infinity };
  items.forEach((item, position) => {
    const cost = costOf(item, position);
    if (cost < best.cost) best = { position, cost };
  });
  return best;
}

function joined(line: readonly NoteName[]): HeldOver[] {
  const held: HeldOver[] = [];
  line.forEach((note, at) => {
    const last = held.at(-1);
    if (last && apart(last.note, note) === 0) held[held.length - 1] = { ...last, to: at };
    else held.push({ note, from: at, to: at });
  });
  return held;
}

import type { AtChord } from '../chart/types';
import type { Arrangement, LineSpan } from './types';

/** Where something said of a chord belongs after an edit; nowhere when the chord is gone. */
type Mover = (at: number) => number | undefined;

/**
 * What stands before the first difference keeps its place, what stands after the last moves with the end;
 * in between a place stays only where the symbol is still the same.
 */
function moverBetween(before: readonly string[], after: readonly string[]): Mover {
  const shorter = Math.min(before.length, after.length);
  let head = 0;
  while (head < shorter && before[head] === after[head]) head += 1;
  let tail = 0;
  while (tail < shorter - head && before.at(-1 - tail) === after.at(-1 - tail)) tail += 1;
  return (at) => {
    const inTail = at >= before.length - tail && at >= head;
    const moved = inTail ? at + after.length - before.length : at;
    return after[moved] !== undefined && after[moved] === before[at] ? moved : undefined;
  };
}

const moveAll = <T extends AtChord>(items: readonly T[], move: Mover): T[] =>
  items.flatMap((item) => {
    const at = move(item.at);
    return at === undefined ? [] : [{ ...item, at }];
  });

const moveSpans = (spans: readonly LineSpan[], move: Mover): LineSpan[] =>
  spans.flatMap((span) => {
    const [from, to] = [move(span.from), move(span.to)];
    return from === undefined || to === undefined || to <= from ? [] : [{ ...span, from, to }];
  });

/** The symbols of a chorus with split chords counted part by part. */
function partSymbols(symbols: readonly string[], splits: Arrangement['splits']): string[] {
  return symbols.flatMap((symbol, whole) => {
    const parts = splits.filter(({ at }) => at === whole).length;
    return Array.from({ length: parts + 1 }, () => symbol);
  });
}

/** Locks, notes and spans, which count the parts of split chords, as those parts have moved. */
function movePlaces(arrangement: Arrangement, move: Mover): Arrangement {
  const { locks, line } = arrangement;
  return {
    ...arrangement,
    locks: { guitar: moveAll(locks.guitar, move), keyboard: moveAll(locks.keyboard, move) },
    line: { ...line, notes: moveAll(line.notes, move), spans: moveSpans(line.spans, move) },
  };
}

/** Whether anything in an arrangement is said of single chords. */
export const marksChords = ({ locks, line, splits, comp }: Arrangement): boolean =>
  [locks.guitar, locks.keyboard, line.notes, line.spans, splits, comp.devices].some(
    (list) => list.length > 0,
  );

/**
 * Lets locks, splits, devices and the top line follow their chords when the chart is edited.
 *
 * @param before the symbols of the chorus before the edit, split chords counted once
 * @param after and after it
 */
export function followChords(
  arrangement: Arrangement,
  before: readonly string[],
  after: readonly string[],
): Arrangement {
  const unchanged = before.length === after.length && before.every((s, at) => s === after[at]);
  if (unchanged || !marksChords(arrangement)) return arrangement;
  const moveWhole = moverBetween(before, after);
  const splits = moveAll(arrangement.splits, moveWhole);
  const comp = { ...arrangement.comp, devices: moveAll(arrangement.comp.devices, moveWhole) };
  const parts = [partSymbols(before, arrangement.splits), partSymbols(after, splits)] as const;
  return { ...movePlaces(arrangement, moverBetween(...parts)), splits, comp };
}

/** Splits a chord, or joins the part that begins there to the one before; everything else follows. */
export function withSplit(
  arrangement: Arrangement,
  symbols: readonly string[],
  split: Arrangement['splits'][number],
  standing: boolean,
): Arrangement {
  const same = (other: typeof split): boolean =>
    other.at === split.at && other.after === split.after;
  const others = arrangement.splits.filter((other) => !same(other));
  const all = standing ? [...others, split] : others;
  const splits = [...all].sort((a, b) => a.at - b.at || a.after - b.after);
  const position = partPosition(splits, split);
  const joined = partPosition(arrangement.splits, split);
  const move: Mover = standing
    ? (at) => (at >= position ? at + 1 : at)
    : (at) => (at === joined ? undefined : at > joined ? at - 1 : at);
  const known = arrangement.splits.some(same);
  if (known === standing || symbols[split.at] !== split.symbol) return arrangement;
  return { ...movePlaces(arrangement, move), splits };
}

/** Where the part that a split begins stands among all parts. */
function partPosition(splits: Arrangement['splits'], { at, after }: Arrangement['splits'][number]) {
  const before = splits.filter(
    (other) => other.at < at || (other.at === at && other.after < after),
  );
  return at + before.length + 1;
}

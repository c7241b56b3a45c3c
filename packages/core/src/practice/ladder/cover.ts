/**
 * The memory ladder: a chart with more and more of it covered, to be recalled. Source: common practice.
 */
import type { Timeline } from '../../chart/timeline';
import { chanceFrom } from '../../comp/base/chance';

export const RUNGS = [
  'some symbols',
  'first of each section',
  'numbers only',
  'form only',
  'blank',
] as const;
/** How much is covered, from a third of the symbols to everything. */
export type Rung = (typeof RUNGS)[number];

/** What is seen at the place of a symbol. */
export type Seen = 'symbol' | 'number' | 'nothing';

export interface Covered {
  /** By the identity of each slot that holds a chord. */
  readonly slots: ReadonlyMap<string, Seen>;
  /** Whether section names and bar lines are seen. */
  readonly form: boolean;
}

/** The share of symbols that is covered at first. */
const SOME = 1 / 3;

interface Covering {
  readonly seed: number;
  /** Slots that were not recalled last time: they are covered first, so that they come back sooner. */
  readonly missed?: readonly string[];
}

/**
 * What of a chart is seen on a rung. The same seed covers the same.
 * @param time of the chorus; a chord that is played several times is written once
 */
export function coverChart(time: Timeline, rung: Rung, { seed, missed = [] }: Covering): Covered {
  const written = [...new Set(time.events.map(({ place }) => place.slot))];
  const all = (seen: Seen) => new Map(written.map((slot) => [slot, seen]));
  const but = (slots: ReadonlySet<string>) =>
    new Map(written.map((slot): [string, Seen] => [slot, slots.has(slot) ? 'nothing' : 'symbol']));
  switch (rung) {
    case 'some symbols':
      return { slots: but(some(written, seed, missed)), form: true };
    case 'first of each section': {
      const firsts = firstOfSections(time);
      const rest = written.filter((slot) => !firsts.has(slot));
      return { slots: but(new Set(rest)), form: true };
    }
    case 'numbers only':
      return { slots: all('number'), form: true };
    case 'form only':
      return { slots: all('nothing'), form: true };
    case 'blank':
      return { slots: all('nothing'), form: false };
  }
}

/** A third of the slots by chance, those that were missed before all others. */
function some(written: readonly string[], seed: number, missed: readonly string[]): Set<string> {
  const { next } = chanceFrom(seed);
  const before = new Set(missed);
  const order = written
    .map((slot) => ({ slot, rank: next() - (before.has(slot) ? 1 : 0) }))
    .sort((a, b) => a.rank - b.rank);
  const count = Math.max(Math.ceil(written.length * SOME), Math.min(before.size, written.length));
  return new Set(order.slice(0, count).map(({ slot }) => slot));
}

function firstOfSections({ bars, events }: Timeline): Set<string> {
  const starts = bars
    .filter(({ sectionPlace }, at) => at === 0 || sectionPlace)
    .map(({ at }) => at);
  const firsts = starts.flatMap((start, section) => {
    const end = starts[section + 1] ?? Infinity;
    const first = events.find(({ at }) => at >= start && at < end);
    return first ? [first.place.slot] : [];
  });
  return new Set(firsts);
}

/** The next rung after everything was recalled, the one below after more than a third was missed, else the same. */
export function nextRung(rung: Rung, recalled: number, asked: number): Rung {
  const at = RUNGS.indexOf(rung);
  if (asked > 0 && recalled === asked) return RUNGS[Math.min(at + 1, RUNGS.length - 1)]!;
  return (asked - recalled) / Math.max(1, asked) > SOME ? RUNGS[Math.max(0, at - 1)]! : rung;
}

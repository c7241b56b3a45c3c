import { barMeters, formatMeter } from '../meter';
import { slotText } from '../slot';
import type { Bar, Chart, Section, Slot } from '../types';
import { bestPairing } from './pairing';
import { soundingSlots } from './soundingSlots';

/**
 * What pairs are worth, each step more than all below it together can come to (a chart has at most 501
 * bars): first as many bars as possible that are the same, then bars that share chords, then bars
 * under the same label, then any bar for any other, so that a line written anew stands for the old one.
 */
const SAME_BAR = 1e9;
const SHARED_CHORDS = 1e4;
const SAME_LABEL = 10;
const ANY_BAR = 1;

/**
 * Text that was typed or pasted says nothing of where its bars come from. This finds it out: the new
 * chart with the identities of the bars and sections of the old one on those that are still them. One
 * pasted text may hold several edits.
 *
 * @param before with its identities; @param after as it was read, without
 */
export function matchBars(before: Chart, after: Chart): Chart {
  const [old, now] = [comparable(before), comparable(after)];
  const partners = partnersOf(old, now);
  const identities = partners.map((partner) =>
    partner === undefined ? undefined : old[partner]!.bar.identity,
  );
  let written = 0;
  const sections = after.sections.map((section): Section => {
    const bars = section.bars.map((bar): Bar => {
      const identity = identities[written];
      written += 1;
      return identity ? { ...bar, identity } : bar;
    });
    return { ...section, bars };
  });
  return { ...after, sections: withSectionIds(before.sections, sections) };
}

interface Comparable {
  readonly bar: Bar;
  /** What sounds in it, in its meter. */
  readonly content: string;
  readonly chords: readonly string[];
  readonly label: string;
}

function comparable(chart: Chart): Comparable[] {
  const sounding = soundingSlots(chart);
  const meters = barMeters(chart);
  const bars = chart.sections.flatMap(({ name = '', bars: inside }) =>
    inside.map((bar) => ({ bar, label: name })),
  );
  return bars.map(({ bar, label }, written) => {
    const slots = sounding[written]!;
    const chords = slots.flatMap((slot: Slot) => (slot.kind === 'chord' ? [slot.text] : []));
    const meter = formatMeter(meters[written]!);
    return { bar, label, chords, content: [meter, ...slots.map(slotText)].join(' ') };
  });
}

/** What is the same at both ends is found at once; only what lies between is weighed. */
function partnersOf(
  old: readonly Comparable[],
  now: readonly Comparable[],
): (number | undefined)[] {
  const same = (a: Comparable, b: Comparable): boolean =>
    a.content === b.content && a.label === b.label;
  const shorter = Math.min(old.length, now.length);
  let head = 0;
  while (head < shorter && same(old[head]!, now[head]!)) head += 1;
  let tail = 0;
  while (tail < shorter - head && same(old.at(-1 - tail)!, now.at(-1 - tail)!)) tail += 1;
  const middle = bestPairing(old.length - head - tail, now.length - head - tail, (before, after) =>
    worth(old[head + before]!, now[head + after]!),
  );
  return now.map((_, at) => {
    if (at < head) return at;
    if (at >= now.length - tail) return at + old.length - now.length;
    const partner = middle[at - head];
    return partner === undefined ? undefined : partner + head;
  });
}

function worth(a: Comparable, b: Comparable): number {
  const label = a.label === b.label ? SAME_LABEL : 0;
  if (a.content === b.content) return SAME_BAR + label;
  const shared = b.chords.filter((chord) => a.chords.includes(chord)).length;
  return (shared && SHARED_CHORDS) + label + ANY_BAR;
}

/** A section is the old one it has most bars of; where it has none, one of its name that is left over. */
function withSectionIds(before: readonly Section[], after: readonly Section[]): Section[] {
  const claims = after.flatMap((section, at) =>
    before.map((old, position) => ({ at, position, old, strength: claimOf(old, section) })),
  );
  const ids = new Map<number, string>();
  const taken = new Set<number>();
  const strongest = claims
    .filter(({ strength }) => strength > 0)
    .sort((a, b) => b.strength - a.strength || a.at - b.at || a.position - b.position);
  for (const { at, position, old } of strongest) {
    if (ids.has(at) || taken.has(position) || old.id === undefined) continue;
    ids.set(at, old.id);
    taken.add(position);
  }
  return after.map((section, at) => {
    const id = ids.get(at);
    return id === undefined ? section : { ...section, id };
  });
}

function claimOf(old: Section, section: Section): number {
  const bars = new Set(old.bars.map(({ identity }) => identity?.id));
  const shared = section.bars.filter(({ identity }) => identity && bars.has(identity.id)).length;
  return 2 * shared + (old.name === section.name ? 1 : 0);
}

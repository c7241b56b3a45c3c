import type { Chord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { Bar, Chart, Slot } from '../types';

/** Fewer different chords than this may as well be corrections. Source: our own judgement. */
const FEWEST_CHORDS = 3;

/**
 * How many semitones, 1..11, typed or pasted text has moved a whole chart: the same bars with the same chords, all
 * higher by one interval. 0 where it has not, and where there are too few chords to tell.
 */
export function movedWhole(before: Chart, after: Chart): number {
  const [from, to] = [slotsOf(before), slotsOf(after)];
  if (from.length !== to.length) return 0;
  const chords = from.flatMap((slots) => slots.flatMap(chordIn));
  const first = chordIn(to.flat().find((slot) => chordIn(slot).length))[0];
  if (!chords[0] || !first) return 0;
  const by = intervalOf(chords[0], first);
  const different = new Set(chords.map(({ symbol }) => symbol)).size;
  if (!by || different < FEWEST_CHORDS) return 0;
  const same = from.every(
    (slots, bar) =>
      slots.length === to[bar]!.length &&
      slots.every((slot, at) => isMoved(slot, to[bar]![at]!, by)),
  );
  return same ? by : 0;
}

/** Bars and sections with the identities of those in the same order before. */
export function inTheirOrder(before: Chart, after: Chart): Chart {
  const identities = before.sections.flatMap(({ bars }) => bars.map(({ identity }) => identity));
  let written = 0;
  return {
    ...after,
    sections: after.sections.map((section, at) => {
      const id = before.sections[at]?.id;
      const bars = section.bars.map((bar): Bar => {
        const identity = identities[written];
        written += 1;
        return identity ? { ...bar, identity } : bar;
      });
      return id === undefined ? { ...section, bars } : { ...section, id, bars };
    }),
  };
}

const slotsOf = ({ sections }: Chart): (readonly Slot[])[] =>
  sections.flatMap(({ bars }) => bars.map(({ slots }) => slots));

const chordIn = (slot: Slot | undefined): Chord[] =>
  slot?.kind === 'chord' && slot.chord.kind === 'chord' ? [slot.chord] : [];

function isMoved(from: Slot, to: Slot, by: number): boolean {
  if (from.kind !== to.kind) return false;
  const [[before], [after]] = [chordIn(from), chordIn(to)];
  if (!before || !after) return !before && !after;
  const degrees = ({ tones }: Chord): string => tones.map(({ degree }) => degree).join(' ');
  return intervalOf(before, after) === by && degrees(before) === degrees(after);
}

/** By how much the root, and with it a bass of its own, is higher; -1 where the two go apart. */
function intervalOf(from: Chord, to: Chord): number {
  if (from.kind === 'no chord' || to.kind === 'no chord') return -1;
  const root = pitchClass(pitchClassOf(to.root) - pitchClassOf(from.root));
  if (!from.bass || !to.bass) return from.bass === to.bass ? root : -1;
  return pitchClass(pitchClassOf(to.bass) - pitchClassOf(from.bass)) === root ? root : -1;
}

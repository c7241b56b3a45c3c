import { moveSymbol } from '../chord/moveSymbol';
import { parseChord } from '../chord/parseChord';
import type { PitchedChord } from '../chord/types';
import type { Interval } from '../pitch/interval';
import type { NoteName } from '../pitch/spelling';
import type { Bar, Chart, Slot } from './types';

/** The chords of a chart that sound, in the order in which they are written. */
export const soundingChords = ({ sections }: Chart): PitchedChord[] =>
  sections
    .flatMap(({ bars }) => bars.flatMap(({ slots }) => slots))
    .flatMap((slot) => (slot.kind === 'chord' && slot.chord.kind === 'chord' ? [slot.chord] : []));

/**
 * A chart moved by an interval: every root and bass note, the rest of each symbol as it was typed.
 * What cannot be read stays as it is. The header takes the key that is given.
 * @param names how the root of each chord that sounds is spelled before it moves, in the order in which they are written
 */
export function moveChart(
  chart: Chart,
  interval: Interval,
  key: string | undefined,
  names: readonly NoteName[],
): Chart {
  // By its place: the same symbol may be the same chord object wherever it stands.
  let at = 0;
  const moveSlot = (slot: Slot): Slot => {
    if (slot.kind !== 'chord' || slot.chord.kind === 'no chord') return slot;
    const text = moveSymbol(slot.text, interval, names[at]);
    at += 1;
    const reading = parseChord(text);
    if (!reading.ok) throw new Error(`Moving ${slot.text} gave ${text}, which cannot be read`);
    return { kind: 'chord', text, chord: reading.value };
  };
  const moveBar = (bar: Bar): Bar => ({ ...bar, slots: bar.slots.map(moveSlot) });
  return {
    ...chart,
    header: key === undefined ? chart.header : { ...chart.header, key },
    sections: chart.sections.map((section) => ({ ...section, bars: section.bars.map(moveBar) })),
  };
}

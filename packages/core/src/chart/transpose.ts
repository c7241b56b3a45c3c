import { moveSymbol } from '../chord/moveSymbol';
import { parseChord } from '../chord/parseChord';
import type { PitchedChord } from '../chord/types';
import type { Interval } from '../pitch/interval';
import type { NoteName } from '../pitch/spelling';
import type { Bar, Chart, Slot } from './types';

/**
 * A chart moved by an interval: every root and bass note, the rest of each symbol as it was typed.
 * What cannot be read stays as it is. The header takes the key that is given.
 * @param named how the root of a chord is spelled in its key, before the chord that is written next
 */
export function moveChart(
  chart: Chart,
  interval: Interval,
  key: string | undefined,
  named: (chord: PitchedChord, next: PitchedChord | undefined) => NoteName,
): Chart {
  const chords = chart.sections
    .flatMap(({ bars }) => bars.flatMap(({ slots }) => slots))
    .flatMap((slot) => (slot.kind === 'chord' && slot.chord.kind === 'chord' ? [slot.chord] : []));
  const nextTo = new Map(chords.map((chord, at) => [chord, chords[at + 1]]));
  const moveSlot = (slot: Slot): Slot => {
    if (slot.kind !== 'chord' || slot.chord.kind === 'no chord') return slot;
    const text = moveSymbol(slot.text, interval, named(slot.chord, nextTo.get(slot.chord)));
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

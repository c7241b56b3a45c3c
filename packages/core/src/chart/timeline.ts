import type { Chord } from '../chord/types';
import { beats as inBeats, type Beats } from '../units';
import { slotStarts } from './meter';
import { playOrder, type PlayedBar } from './playOrder';
import type { Chart, Slot } from './types';

/** One chord of the chorus as it is played, repeats written out. */
export interface ChartEvent {
  readonly chord: Chord;
  /** Bar of the chorus as played, from 1. */
  readonly bar: number;
  /** Beat in that bar, from 1; 2.5 is the second half of beat two. */
  readonly beat: Beats;
  /** How long it lasts, in beats of the meter; may cross bar lines. */
  readonly length: Beats;
}

export interface Timeline {
  readonly bars: readonly PlayedBar[];
  readonly events: readonly ChartEvent[];
}

/**
 * The chorus as it is played: repeats and endings written out, `%` filled in, and every chord with
 * the beat it falls on and how long it lasts. Unreadable symbols are passed over; the chord before
 * goes on through them. A chord repeated by name is a new event: the player may voice it anew.
 */
export function timeline(chart: Chart): Timeline {
  const bars = playOrder(chart);
  const perBar = chart.meter.beats;
  const starts: { chord: Chord; at: number }[] = [];
  let lastWritten: readonly Slot[] = [];
  bars.forEach((played, index) => {
    const again = played.bar.slots[0]?.kind === 'repeat bar';
    const slots = again ? lastWritten : played.bar.slots;
    lastWritten = slots;
    const { starts: at } = slotStarts(Math.max(1, slots.length), perBar);
    slots.forEach((slot, position) => {
      if (slot.kind !== 'chord') return;
      starts.push({ chord: slot.chord, at: index * perBar + (at[position] ?? 0) });
    });
  });
  const end = bars.length * perBar;
  const events = starts.map(({ chord, at }, index) => ({
    chord,
    bar: Math.floor(at / perBar) + 1,
    beat: inBeats((at % perBar) + 1),
    length: inBeats((starts[index + 1]?.at ?? end) - at),
  }));
  return { bars, events };
}

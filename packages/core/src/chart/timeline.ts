import type { Chord } from '../chord/types';
import { beats as inBeats, quarters, type Beats, type Quarters } from '../base/units';
import { MOST_CHORDS, MOST_PLAYED_BARS } from './limits';
import { quartersInBar, slotStarts } from './meter';
import { slotIdIn } from './freshIds';
import type { ChordPlace } from './placeTypes';
import { playOrder, type PlayedBar } from './playOrder';
import type { Chart, Slot } from './types';

/** One chord of the chorus as it is played, repeats written out. */
export interface ChartEvent {
  readonly chord: Chord;
  /** Bar of the chorus as played, from 1; a pickup is bar 0. */
  readonly bar: number;
  /** Beat in that bar, from 1; 2.5 is the second half of beat two. */
  readonly beat: Beats;
  /** Where it begins, in quarters from the beginning of bar 1; in a pickup below 0. */
  readonly at: Quarters;
  /** How long it lasts; may cross bar lines. */
  readonly length: Quarters;
  /** Which written bar it stands in, from 0, and which slot of it, from 0. */
  readonly written: number;
  readonly slot: number;
  readonly place: ChordPlace;
  /** The second and later parts of a chord that the player has split, from 1. */
  readonly part?: number;
}

export interface Timeline {
  /** The pickup first, where there is one. */
  readonly bars: readonly PlayedBar[];
  readonly events: readonly ChartEvent[];
  /** From the beginning of bar 1 to the end. */
  readonly length: Quarters;
  /** Where the chorus would go on if it were not too long: the written bar, from 0. */
  readonly cutAt?: number;
}

/**
 * The chorus as it is played: repeats, endings and jumps written out, `%` filled in, and every chord
 * with the beat it falls on and how long it lasts. Unreadable symbols are passed over; the chord
 * before goes on through them. A chord repeated by name is a new event: the player may voice it anew.
 * It ends before the bar that is more than `MOST_PLAYED_BARS` or goes beyond `MOST_CHORDS`.
 */
export function timeline(chart: Chart): Timeline {
  const walked = playOrder(chart);
  const bars: PlayedBar[] = [];
  const starts: Omit<ChartEvent, 'length'>[] = [];
  let lastWritten: readonly Slot[] = [];
  for (const played of walked) {
    const { bar, meter, at, number, written, place } = played;
    const again = bar.slots[0]?.kind === 'repeat bar';
    const slots = again ? lastWritten : bar.slots;
    lastWritten = slots;
    if (bars.length === MOST_PLAYED_BARS || starts.length + slots.length > MOST_CHORDS) break;
    bars.push(played);
    const quarter = 4 / meter.unit;
    const { starts: beats } = slotStarts(Math.max(1, slots.length), meter.beats);
    slots.forEach((slot, position) => {
      if (slot.kind !== 'chord') return;
      const beat = beats[position] ?? 0;
      starts.push({
        chord: slot.chord,
        bar: number,
        beat: inBeats(beat + 1),
        at: quarters(at + beat * quarter),
        written,
        slot: again ? 0 : position,
        place: {
          slot: bar.identity?.slots[position] ?? slotIdIn(place.bar, position),
          pass: place.pass,
        },
      });
    });
  }
  const last = bars.at(-1);
  const length = quarters(last ? last.at + quartersInBar(last.meter) : 0);
  const events = starts.map((event, index) => ({
    ...event,
    length: quarters((starts[index + 1]?.at ?? length) - event.at),
  }));
  const cutAt = walked[bars.length]?.written;
  return { bars, events, length, ...(cutAt === undefined ? {} : { cutAt }) };
}

/** The bars that count: all but the pickup. */
export const countedBars = ({ bars }: Timeline): PlayedBar[] =>
  bars.filter(({ number }) => number > 0);

/**
 * Arpeggios that go on: up and down the tones of each chord in a range, and from chord to chord to the nearest next
 * tone. Problem: a line without leaps that passes every tone. At each note: within a chord the next tone the way it goes,
 * turned round where the range ends; on a new chord its nearest tone that is another note, of two as near the one the
 * way it goes. Source: common practice.
 */
import { quarters, ticks } from '../../base/units';
import type { Timeline } from '../../chart/timeline';
import { EIGHTH, TICKS_PER_QUARTER, inTicks } from '../../comp/base/time';
import { arpeggioTones, atLeastAnOctave, placed, type PlacedTone } from './tones';
import type { LayerNote, LineRange, Pace } from './types';

const STEP: Readonly<Record<Pace, number>> = { quarters: TICKS_PER_QUARTER, eighths: EIGHTH };

type Direction = 1 | -1;

/** @returns notes from the beginning of the chorus; the last of a chord is shorter where the pace does not fit */
export function arpeggioLine(time: Timeline, wanted: LineRange, pace: Pace): LayerNote[] {
  const range = atLeastAnOctave(wanted);
  const notes: LayerNote[] = [];
  let direction: Direction = 1;
  let last: number | undefined;
  time.events.forEach(({ chord, at, length }, event) => {
    if (chord.kind !== 'chord') return;
    const tones = placed(arpeggioTones(chord), range);
    const start = inTicks(at);
    const end = inTicks(quarters(at + length));
    for (let now: number = start; now < end; now += STEP[pace]) {
      const from = last;
      const tone =
        from === undefined
          ? tones.find(({ degree }) => degree === 'R')!
          : now === start
            ? nearest(tones, from, direction)
            : (onward(tones, from, direction) ?? onward(tones, from, turned(direction))!);
      if (from !== undefined && tone.midi !== from) direction = tone.midi > from ? 1 : -1;
      last = tone.midi;
      const left = end - now;
      notes.push({ ...tone, event, at: ticks(now), length: ticks(Math.min(STEP[pace], left)) });
    }
  });
  return notes;
}

const turned = (direction: Direction): Direction => (direction === 1 ? -1 : 1);

/** The next tone the way it goes, if the range has one. */
const onward = (tones: readonly PlacedTone[], from: number, direction: Direction) =>
  direction === 1
    ? tones.find(({ midi }) => midi > from)
    : tones.filter(({ midi }) => midi < from).at(-1);

/** The nearest tone that is another note; of two as near, the one the way it goes. */
function nearest(tones: readonly PlacedTone[], from: number, direction: Direction): PlacedTone {
  const ahead = onward(tones, from, direction);
  const behind = onward(tones, from, turned(direction));
  if (!ahead || !behind) return (ahead ?? behind)!;
  return Math.abs(behind.midi - from) < Math.abs(ahead.midi - from) ? behind : ahead;
}

import { quartersInBar } from '../chart/meter';
import type { Feel, Meter } from '../chart/types';
import { DRUMS, TOUCH } from './data';
import type { BandPlan, PlannedNote } from './types';

/**
 * Quarter notes a minute from which one counts two bars, the first of them in its long beats. Source: common
 * practice.
 */
const TWO_BARS_FROM: Readonly<Record<Feel, number>> = {
  swing: 100,
  shuffle: 100,
  straight: 110,
  latin: 110,
  waltz: 100,
  ballad: Infinity,
};

/**
 * What is counted before the music: slowly one bar, beat by beat; faster two, of the first only one and three (in
 * three: one). Meters of eighths in threes are counted in their dotted quarters. The first of each bar is
 * stronger.
 */
export function countIn(meter: Meter, feel: Feel, tempo: number): BandPlan {
  const bar = quartersInBar(meter);
  if (tempo < TWO_BARS_FROM[feel]) return { notes: clicksIn(meter, 0), length: bar, pickup: 0 };
  const notes = [...longBeats(meter, 0), ...clicksIn(meter, bar)];
  return { notes, length: 2 * bar, pickup: 0 };
}

/** A click on every beat of a bar that begins somewhere, in quarters. */
export function clicksIn(meter: Meter, from: number): PlannedNote[] {
  const eighths = inThrees(meter) ? 3 : 1;
  return beatsOf(meter, eighths).map((at) => click(from, at));
}

/** Every other beat of a bar, or in three the first. */
function longBeats(meter: Meter, from: number): PlannedNote[] {
  const beats = clicksIn(meter, from);
  return beats.filter((_, beat) => (beats.length % 2 === 0 ? beat % 2 === 0 : beat === 0));
}

const inThrees = ({ beats, unit }: Meter): boolean => unit === 8 && beats % 3 === 0;

const beatsOf = ({ beats, unit }: Meter, each: number): number[] =>
  Array.from({ length: Math.ceil(beats / each) }, (_, beat) => (beat * each * 4) / unit);

const click = (from: number, at: number): PlannedNote => ({
  part: 'click',
  midi: DRUMS.stick,
  at: from + at,
  length: 0.5,
  velocity: at === 0 ? TOUCH.clickOne : TOUCH.click,
});

import type { BandPlan, PlannedNote, Voicing } from '@drop-close/core';

const VELOCITY = 78;
/** A chord heard alone rings this long, in quarters. */
const RINGS = 3;
const CHANGE = 2;

/** A chord under a pool is softer than the pool. */
const UNDER = 52;

const note = (midi: number, at: number, length: number, velocity: number): PlannedNote => ({
  part: 'comp',
  midi,
  at,
  length,
  velocity,
});
const sound = (voicing: Voicing, at: number, length: number): PlannedNote[] =>
  voicing.notes.map(({ midi }) => note(midi, at, length, VELOCITY));

/** One chord, let ring. */
export const chordPlan = (voicing: Voicing): BandPlan => ({
  notes: sound(voicing, 0, RINGS),
  length: RINGS,
  pickup: 0,
});

/** This chord to the next. */
export const changePlan = (from: Voicing, to: Voicing): BandPlan => ({
  notes: [...sound(from, 0, CHANGE), ...sound(to, CHANGE, CHANGE)],
  length: 2 * CHANGE,
  pickup: 0,
});

/** A note of a pool, and how long the last of them rings on, in quarters. */
const STEP = 0.5;
const LAST_STEP = 1.5;

/** A pool over its chord: the chord, then the notes of the pool one by one while it rings. */
export function poolPlan(chord: readonly number[], pool: readonly number[]): BandPlan {
  const begin = 1;
  const length = begin + pool.length * STEP + LAST_STEP;
  const under = chord.map((midi) => note(midi, 0, length, UNDER));
  const over = pool.map((midi, at) => {
    const last = at === pool.length - 1;
    return note(midi, begin + at * STEP, last ? LAST_STEP : STEP, VELOCITY);
  });
  return { notes: [...under, ...over], length, pickup: 0 };
}

/** Some notes together, let ring. */
export const notesPlan = (pitches: readonly number[]): BandPlan => ({
  notes: pitches.map((midi) => note(midi, 0, RINGS, VELOCITY)),
  length: RINGS,
  pickup: 0,
});

/** Plans one after the other. */
export function inARow(plans: readonly BandPlan[]): BandPlan {
  let length = 0;
  const notes = plans.flatMap((plan) => {
    const begin = length;
    length += plan.length;
    return plan.notes.map((each) => ({ ...each, at: each.at + begin }));
  });
  return { notes, length, pickup: 0 };
}

import type { BandPlan, PlannedNote, Voicing } from '@drop-close/core';

const VELOCITY = 78;
/** A chord heard alone rings this long, in quarters. */
const RINGS = 3;
const CHANGE = 2;

const sound = (voicing: Voicing, at: number, length: number): PlannedNote[] =>
  voicing.notes.map((note) => ({ part: 'comp', midi: note.midi, at, length, velocity: VELOCITY }));

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

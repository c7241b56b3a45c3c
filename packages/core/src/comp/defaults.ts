import type { Comp, SectionPlan } from './comping';

/** A section nobody has planned. */
export const defaultSection: SectionPlan = {
  texture: 'as voiced',
  family: 'any',
  density: 3,
  loudness: 3,
  devices: 0,
  rests: [],
};

/** Nothing placed yet: one chorus, nobody in front. */
export const noComp: Comp = {
  hits: [],
  devices: [],
  plan: [[]],
  bass: 'by the feel',
  drums: 'by the feel',
  swing: 100,
  behind: null,
  strictness: 3,
  yields: true,
};

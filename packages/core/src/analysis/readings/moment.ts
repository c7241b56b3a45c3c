import type { Moment } from '../base/moments';

/** Minor and half-diminished chords: what a ii can be. */
export const isTwo = ({ class: kind }: Moment): boolean =>
  kind === 'minor' || kind === 'half-diminished';

/** What can fall a fifth as a V without a seventh being written: a raised fifth pulls as well. */
export const isDominant = ({ class: kind }: Moment): boolean =>
  kind === 'dominant' || kind === 'augmented';

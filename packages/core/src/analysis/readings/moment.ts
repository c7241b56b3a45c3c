import { pitchClass } from '../../base/units';
import type { Moment } from '../base/moments';

/** Minor and half-diminished chords: what a ii can be. */
export const isTwo = ({ class: kind }: Moment): boolean =>
  kind === 'minor' || kind === 'half-diminished';

/** What can fall a fifth as a V without a seventh being written: a raised fifth pulls as well, unless a major seventh rests on it. */
export const isDominant = ({ class: kind, chord }: Moment): boolean =>
  kind === 'dominant' ||
  (kind === 'augmented' && chord.tones.every(({ degree }) => degree !== '7'));

/** Semitones from one root up to another, 0..11. */
export const upFrom = (from: Pick<Moment, 'root'>, to: Pick<Moment, 'root'>): number =>
  pitchClass(to.root - from.root);

import type { Degree } from '../chord/degrees';
import type { PitchedChord } from '../chord/types';

export const has = ({ tones }: PitchedChord, ...degrees: readonly Degree[]): boolean =>
  tones.some(({ degree }) => degrees.includes(degree));

export const isDominant = ({ guideTones }: PitchedChord): boolean =>
  guideTones.includes('3') && guideTones.includes('b7');

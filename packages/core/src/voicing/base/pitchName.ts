import { PLAIN_FLAT } from '../../pitch/data';
import { octaveOf } from '../../pitch/spelling';
import { midi, pitchClass } from '../../base/units';

/**
 * A pitch by its plain name and octave.
 * @example pitchName(58) // 'Bb3'
 */
export const pitchName = (pitch: number): string =>
  `${PLAIN_FLAT[pitchClass(pitch)] ?? ''}${octaveOf(midi(pitch))}`;

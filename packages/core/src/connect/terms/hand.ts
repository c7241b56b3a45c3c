import { playingOf } from '../../voicing/playingOf';
import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/**
 * On strings: stretch, most of all past comfort, and shift of position. On keys: the span of a hand past an
 * octave.
 */
export const hand: CostTerm = {
  id: 'hand',
  label: 'Easy hands',
  grip: ({ voicing, settings }) => playingOf(settings.instrument).strain(voicing, SIZES),
  shift: (fromMm, toMm) => Math.round(Math.abs(fromMm - toMm) * SIZES.shiftMm),
};

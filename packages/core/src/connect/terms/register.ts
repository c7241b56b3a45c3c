import { SIZES } from '../data';
import type { CostTerm } from '../types';

/** How far the mean pitch lies outside the centre of the room's window. */
export const register: CostTerm = {
  id: 'register',
  label: 'Stay in the middle',
  chord: ({ voicing, settings }) => {
    if (!voicing.notes.length) return 0;
    const mean = voicing.notes.reduce((sum, note) => sum + note.midi, 0) / voicing.notes.length;
    const { low, high } = settings.room.centre;
    const outside = Math.max(0, low - mean, mean - high);
    return Math.round(outside * SIZES.offCentreSemitone);
  },
};

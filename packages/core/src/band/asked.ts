import type { PassNote } from '../practice/passes/judgePass';
import type { BandPlan, Part } from './types';

/** What a plan asks of whoever plays one of its parts, in order of time; its pickup is not asked. */
export const askedOf = ({ notes, length }: BandPlan, part: Part): PassNote[] =>
  notes
    .filter((note) => note.part === part && note.at >= 0 && note.at < length)
    .map(({ at, midi }) => ({ at, midi }))
    .sort((a, b) => a.at - b.at || a.midi - b.midi);

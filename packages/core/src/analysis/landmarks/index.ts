import type { Heard } from '../heard';
import { LANDMARK_KINDS, type Landmark } from '../types';
import {
  findBackdoors,
  findCommonToneDiminished,
  findMinorFours,
  findPassingDiminished,
  findSecondaryDominants,
  findSubstitutes,
} from './byRole';
import { findCycles } from './cycle';
import { findBlues, findCycleBridges, findFourPartForms, findRhythmA } from './forms';
import type { LandmarkFinder } from './landmark';
import { findLineCliches, findPedals, findVamps } from './standing';
import { findTurnarounds } from './turnaround';
import { findChains, findTwoFives } from './twoFive';

/** Every finder; a new landmark is a line here and its kind in types.ts. */
const FINDERS: readonly LandmarkFinder[] = [
  findTwoFives,
  findTurnarounds,
  findChains,
  findCycles,
  findSecondaryDominants,
  findSubstitutes,
  findBackdoors,
  findMinorFours,
  findPassingDiminished,
  findCommonToneDiminished,
  findLineCliches,
  findPedals,
  findVamps,
  findBlues,
  findFourPartForms,
  findRhythmA,
  findCycleBridges,
];

/** All landmarks in order of their first bar, the longer first, then in order of kinds. */
export function landmarksOf(heard: Heard): Landmark[] {
  const found = FINDERS.flatMap((find) => find(heard));
  const vamps = found.filter(({ kind }) => kind === 'modal vamp');
  return found
    .filter((mark) => mark.kind !== 'ii–V' || !vamps.some((vamp) => holds(vamp, mark)))
    .sort(
      (a, b) =>
        a.fromBar - b.fromBar ||
        b.toBar - a.toBar ||
        a.first - b.first ||
        LANDMARK_KINDS.indexOf(a.kind) - LANDMARK_KINDS.indexOf(b.kind),
    );
}

/** Two chords that change places are a vamp, not one ii–V after the other. */
const holds = (vamp: Landmark, mark: Landmark): boolean =>
  vamp.first <= mark.first && mark.last <= vamp.last;

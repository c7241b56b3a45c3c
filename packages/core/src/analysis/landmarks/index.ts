import type { ChartReading } from '../readings/chartReading';
import { LANDMARK_KINDS, type Landmark, type LandmarkKind } from '../base/types';
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
import { findLineCliches, findPedals, findVamps } from './still';
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
export function landmarksOf(tune: ChartReading): Landmark[] {
  const found = FINDERS.flatMap((find) => find(tune));
  const larger = SAID_BY.map(([kind, by]) => ({
    kind,
    by: found.filter((mark) => mark.kind === by),
  }));
  const isSaid = (mark: Landmark): boolean =>
    larger.some(({ kind, by }) => mark.kind === kind && by.some((each) => isInside(mark, each)));
  return found
    .filter((mark) => !isSaid(mark))
    .sort(
      (a, b) =>
        a.fromBar - b.fromBar ||
        b.toBar - a.toBar ||
        a.first - b.first ||
        LANDMARK_KINDS.indexOf(a.kind) - LANDMARK_KINDS.indexOf(b.kind),
    );
}

/**
 * What a larger landmark says already: two chords that change places are a vamp and not one ii–V after
 * the other, and the two ii–Vs of a 3-6-2-5 are no chain.
 */
const SAID_BY: readonly (readonly [LandmarkKind, LandmarkKind])[] = [
  ['ii–V', 'modal vamp'],
  ['chain of ii–Vs', 'turnaround'],
];

const isInside = (mark: Landmark, larger: Landmark): boolean =>
  larger.first <= mark.first && mark.last <= larger.last;

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
import { findFiveOnes } from './fiveOne';
import { findBlues, findCycleBridges, findFourPartForms, findRhythmA } from './forms';
import { findKeyChains } from './keyChain';
import type { LandmarkFinder } from './landmark';
import { findLineCliches, findPedals, findVamps } from './still';
import { findTurnarounds } from './turnaround';
import { findChains, findTwoFives } from './twoFive';

/** Every finder; a new landmark is a line here and its kind in types.ts. */
const FINDERS: readonly LandmarkFinder[] = [
  findTwoFives,
  findFiveOnes,
  findTurnarounds,
  findChains,
  findKeyChains,
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
  return found
    .map((mark) => ({ ...mark, ...saidBy(mark, found) }))
    .sort(
      (a, b) =>
        a.fromBar - b.fromBar ||
        b.toBar - a.toBar ||
        a.first - b.first ||
        LANDMARK_KINDS.indexOf(a.kind) - LANDMARK_KINDS.indexOf(b.kind),
    );
}

/**
 * What a larger landmark says already of the chords it begins in: two chords that change places are a vamp and
 * not one ii–V after the other, a ii–V to vi has the V of vi in it, and every blues ends in a V–I.
 */
const SAYS: Readonly<Partial<Record<LandmarkKind, readonly LandmarkKind[]>>> = {
  'modal vamp': ['ii–V', 'ii–V–I', 'V–I'],
  pedal: ['V–I'],
  turnaround: [
    'chain of ii–Vs',
    'cycle of fifths',
    'ii–V',
    'secondary dominant',
    'tritone substitute',
    'V–I',
  ],
  'chain of ii–Vs': ['ii–V', 'secondary dominant', 'tritone substitute'],
  'chain of keys': ['cycle of fifths'],
  'cycle of fifths': ['V–I'],
  'dominant-cycle bridge': ['cycle of fifths', 'secondary dominant', 'turnaround'],
  'ii–V–I': ['secondary dominant', 'tritone substitute'],
  'ii–V': ['secondary dominant', 'tritone substitute'],
  backdoor: ['minor iv'],
  '12-bar blues': ['V–I'],
  'minor blues': ['V–I'],
};

/** A dominant's mark ends with the chord it goes to, which the larger one need not hold. */
const ARRIVAL = 1;

function saidBy(mark: Landmark, all: readonly Landmark[]): Pick<Landmark, 'saidBy'> {
  const larger = all.filter(
    ({ kind, first, last }) =>
      first <= mark.first && mark.last <= last + ARRIVAL && SAYS[kind]?.includes(mark.kind),
  );
  const [largest] = larger.sort((a, b) => b.last - b.first - (a.last - a.first));
  return largest ? { saidBy: largest.kind } : {};
}

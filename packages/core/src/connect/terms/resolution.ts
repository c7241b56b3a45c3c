import { impossible } from '../../base/result';
import type { Degree } from '../../chord/degrees';
import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

const fallsByStep = (step: number): boolean => step === -1 || step === -2;

/** The third of the next chord or what stands for it. */
const THIRDS: readonly Degree[] = ['3', 'b3', '4'];

/** True when a voice's motion is the resolution its degree asks for, `undefined` when it asks none. */
export function resolves(from: Degree, to: Degree, step: number): boolean | undefined {
  switch (from) {
    case '7':
    case 'b7':
      return THIRDS.includes(to) && (fallsByStep(step) || (to === '4' && step === 0));
    case '3':
    case 'b3':
      return step === 0 || fallsByStep(step) || (to === 'R' && step === 1);
    case 'b9':
      return to === '5' && step === -1;
    case 'R':
    case '2':
    case '9':
    case '#9':
    case '4':
    case '11':
    case '#11':
    case 'b5':
    case '5':
    case '#5':
    case 'b13':
    case '6':
    case '13':
    case 'bb7':
      return undefined;
    default:
      return impossible(from);
  }
}

const sizeOf = (degree: Degree): number => {
  if (degree === 'b9') return SIZES.flatNinthMissed;
  return degree === '7' || degree === 'b7' ? SIZES.seventhMissed : SIZES.thirdMissed;
};

/** Tones that have to go somewhere, and may not just end. */
const LEADING: readonly Degree[] = ['7', 'b7', 'b9'];

/** A suspended fourth falls to the third of the same root. */
const releasesTo3 = (to: Degree, step: number): boolean =>
  (to === '3' || to === 'b3') && fallsByStep(step);

/**
 * Where roots fall a fifth: 7 falls to 3, 3 holds or falls, b9 falls to 5; over one root 4 falls to 3.
 * Source: common practice.
 */
export const resolution: CostTerm = {
  id: 'resolution',
  label: 'Resolutions',
  leading: ({ from, to, step, place }) => {
    if (place.releases && from === '4') return releasesTo3(to, step) ? 0 : SIZES.fourthMissed;
    return place.fallsFifth && resolves(from, to, step) === false ? sizeOf(from) : 0;
  },
  ends: ({ from, place }) => {
    if (place.releases && from === '4') return SIZES.fourthMissed;
    return place.fallsFifth && LEADING.includes(from) ? sizeOf(from) : 0;
  },
};

import type { Degree } from '../../chord/degrees';
import type { Chord } from '../../chord/types';
import type { Voicing } from '../../voicing/base/types';
import { fallsFifth, releasesFourth } from '../base/place';
import { resolves } from '../terms/resolution';
import type { Change } from '../base/types';

/** A tone that wants to go somewhere, and whether it went. */
export interface Resolution {
  readonly from: Degree;
  /** The degree it asks for. */
  readonly asks: Degree;
  readonly met: boolean;
  /** Position of its voice in the earlier voicing, bottom to top. */
  readonly voice: number;
}

const SEVENTHS: readonly Degree[] = ['7', 'b7'];

/**
 * The resolutions that a change asks for: where roots fall a fifth 7 to 3 and b9 to 5 by step; over one
 * root 4 to 3 by step. Source: common practice. What merely may hold or fall, the third, is not listed.
 */
export function resolutionsOf(
  change: Change,
  [from, to]: readonly [Voicing, Voicing],
  [earlier, later]: readonly [Chord, Chord],
): Resolution[] {
  const falls = fallsFifth(earlier, later);
  const suspended = releasesFourth(earlier, later);
  return from.notes.flatMap(({ degree }, voice): Resolution[] => {
    const asks = falls ? askedByFall(degree) : suspended && degree === '4' ? '3' : undefined;
    if (!asks) return [];
    const motion = change.voices.find((each) => each.from === voice);
    const position = motion?.to;
    if (position === undefined) return [{ from: degree, asks, met: false, voice }];
    const target = to.notes[position]!.degree;
    const step = motion?.semitones ?? 0;
    const met = suspended
      ? THIRDS.includes(target) && fallsByStep(step)
      : resolves(degree, target, step) === true;
    return [{ from: degree, asks: met ? target : asks, met, voice }];
  });
}

const fallsByStep = (step: number): boolean => step === -1 || step === -2;
const THIRDS: readonly Degree[] = ['3', 'b3'];

function askedByFall(degree: Degree): Degree | undefined {
  if (SEVENTHS.includes(degree)) return '3';
  return degree === 'b9' ? '5' : undefined;
}

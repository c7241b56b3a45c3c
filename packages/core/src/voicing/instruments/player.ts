import type { Degree } from '../../chord/degrees';
import type { NoteName } from '../../pitch/spelling';
import type { ToneChoice } from '../families/family';
import type { DegreeStack, FamilyId, Voicing } from '../base/types';

/** The chord that shapes are placed for. */
export interface Occasion {
  readonly family: FamilyId;
  /** Pitch class of the root. */
  readonly root: number;
  readonly nameOf: (degree: Degree) => NoteName;
}

/** Places what was prepared for a quality on one root. */
export type Placing = (occasion: Occasion) => Voicing[];

/** Who plays: turns stacks and pools into what two hands can hold, at every octave of the window. */
export interface Player {
  readonly stacks: (stacks: readonly DegreeStack[]) => Placing;
  readonly choice: (pool: ToneChoice) => Placing;
}

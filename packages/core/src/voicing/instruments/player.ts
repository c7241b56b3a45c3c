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

/**
 * Places what was prepared for a quality on one root.
 * @param ownStrings string sets to be tried before others, where the player asks for none
 */
export type Placing = (occasion: Occasion, ownStrings?: readonly string[]) => Voicing[];

/** Who plays: turns stacks and choices of tones into what two hands can hold, at every octave of the window. */
export interface Player {
  readonly stacks: (stacks: readonly DegreeStack[]) => Placing;
  readonly choice: (choice: ToneChoice) => Placing;
}

import type { PitchedChord } from '../../chord/types';
import type { DegreeStack, FamilyId } from '../types';

/** A voicing family: which degrees it stacks over a chord, before octave, strings or hands. */
export interface VoicingFamily {
  readonly id: FamilyId;
  /** As a player says it, lower case: "drop 2". */
  readonly label: string;
  /** One line for the player who does not know the name. */
  readonly about: string;
  readonly stacks: (chord: PitchedChord) => readonly DegreeStack[];
}

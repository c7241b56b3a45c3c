import { drop } from '../stacks';
import { closeStacks } from './close';
import type { VoicingFamily } from './family';

export const drop2: VoicingFamily = {
  id: 'drop2',
  label: 'drop 2',
  about: 'Close position with the second voice from the top an octave lower.',
  stacks: (chord) => closeStacks(chord).map((stack) => drop(stack, 2)),
};

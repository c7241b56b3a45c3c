import type { PitchedChord } from '../../chord/types';
import { closePositions } from '../stacks';
import { toneSets } from '../toneSets';
import type { DegreeStack } from '../types';
import type { VoicingFamily } from './family';

export const closeStacks = (chord: PitchedChord): DegreeStack[] =>
  toneSets(chord, 4).flatMap(closePositions);

export const close: VoicingFamily = {
  id: 'close',
  label: 'close',
  about: 'All voices within an octave, every inversion.',
  stacks: closeStacks,
};

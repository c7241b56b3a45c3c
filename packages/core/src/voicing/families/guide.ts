import type { PitchedChord } from '../../chord/types';
import { closePositions } from '../stacks';
import type { DegreeStack } from '../types';
import type { VoicingFamily } from './family';

/** The guide tones, each on top once; a dominant whose symbol writes b9 may add it. */
function stacks(chord: PitchedChord): DegreeStack[] {
  const withFlatNine = chord.essential.includes('b9') ? [[...chord.guideTones, 'b9' as const]] : [];
  return [chord.guideTones, ...withFlatNine].flatMap(closePositions);
}

export const guide: VoicingFamily = {
  id: 'guide',
  label: 'guide tones',
  about: 'The two tones that tell the chord, either one on top.',
  stacks,
};

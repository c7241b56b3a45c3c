import { closePositions } from '../stacks';
import type { VoicingFamily } from './family';

/**
 * The guide tones, each on top once; a dominant that has a b9, written or available in its context, may
 * add it.
 */
export const guide: VoicingFamily = {
  id: 'guide',
  label: 'guide tones',
  about: 'The two tones that tell the chord, either one on top.',
  of: {
    kind: 'stacks',
    stacks: ({ guideTones, essential, tensions }) => {
      const dominant = guideTones.includes('3') && guideTones.includes('b7');
      const flatNine = dominant && [...essential, ...tensions].includes('b9');
      const sets = flatNine ? [guideTones, [...guideTones, 'b9' as const]] : [guideTones];
      return sets.flatMap(closePositions);
    },
  },
};

import { closePositions } from '../base/stacks';
import type { VoicingFamily } from './family';

/**
 * The guide tones, each on top once; a dominant may add its b9, where neither its symbol nor
 * its place speaks for a natural ninth.
 */
export const guide: VoicingFamily = {
  id: 'guide',
  label: 'guide tones',
  about: 'The two tones that tell the chord, either one on top.',
  strings: ['43', '432'],
  of: {
    kind: 'stacks',
    stacks: ({ guideTones, flatNine }) => {
      const sets = flatNine ? [guideTones, [...guideTones, 'b9' as const]] : [guideTones];
      return sets.flatMap(closePositions);
    },
  },
};

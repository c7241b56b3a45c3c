import type { Degree } from '../../chord/degrees';
import { semitones } from '../../base/units';
import type { Material } from '../base/material';
import { stackOf, tonesUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

const OCTAVE = 12;

/** The root with the seventh, the third or the tenth above it; a sixth chord has its 6 for the 7. */
export function rootForms({ degrees }: Material): DegreeStack[] {
  const first = (...names: Degree[]): Degree | undefined => names.find((d) => degrees.includes(d));
  const third = first('3', 'b3', '4', '2');
  const upper = first('7', 'b7', 'bb7', '6') ?? first('5', 'b5', '#5');
  const over = (degree: Degree | undefined, raised = 0): DegreeStack[] => {
    if (!degree) return [];
    const [root, tone] = tonesUp(['R', degree], -1);
    return [stackOf([root!, { degree, height: semitones(tone!.height + raised) }])];
  };
  return [...over(upper), ...over(third), ...over(third, OCTAVE)];
}

/** What a left hand plays under a right hand's line. Source: common practice. */
export const leftHand: VoicingFamily = {
  id: 'left hand',
  label: 'left hand',
  about: 'Root with seventh, third or tenth in the left hand, under a line in the right.',
  only: 'keys',
  lentLast: true,
  of: {
    kind: 'stacks',
    stacks: (material) =>
      rootForms(material).map((stack) => ({ ...stack, left: stack.tones.length })),
  },
};

import { semitonesOf, type Degree } from '../../chord/degrees';
import type { Material } from '../base/material';
import { stackUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';
import { rootForms } from './leftHand';

/** Steps of a scale of seven: thirds are two apart, sixths five. */
const THIRD = 2;
const SIXTH = 5;

/** Double stops: guide tones, the root with seventh, third or tenth, thirds and sixths of the scale. */
export const two: VoicingFamily = {
  id: 'two',
  label: 'two notes',
  about: 'Double stops: guide tones, root with 7, 3 or 10, thirds and sixths of the scale.',
  everyDegree: true,
  lentLast: true,
  of: {
    kind: 'stacks',
    stacks: (material) => [
      ...guides(material),
      ...rootForms(material),
      ...apart(material, THIRD),
      ...apart(material, SIXTH),
    ],
  },
};

function guides({ guideTones: [one, other] }: Material): DegreeStack[] {
  return one && other ? [stackUp([one, other]), stackUp([other, one])] : [];
}

/** Every tone of the scale with the one so many steps above it. */
function apart({ scale }: Material, steps: number): DegreeStack[] {
  const at = (index: number): Degree => scale[index % scale.length]!;
  return scale
    .map((degree, index): [Degree, Degree] => [degree, at(index + steps)])
    .filter(([low, high]) => semitonesOf(low) !== semitonesOf(high))
    .map((pair) => stackUp(pair));
}

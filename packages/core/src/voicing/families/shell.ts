import type { Degree } from '../../chord/degrees';
import type { Material } from '../base/material';
import { stackUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

/**
 * R 3 7 and R 7 3: the root below, the fifth left out. Sixth chords use 6 for 7; a triad, which has
 * neither, takes its fifth; a power chord is root, fifth and octave.
 */
export function shellStacks({ degrees }: Material): DegreeStack[] {
  const first = (...names: Degree[]): Degree | undefined => names.find((d) => degrees.includes(d));
  const third = first('3', 'b3', '4', '2');
  const fifth = first('5', 'b5', '#5');
  const upper = first('7', 'b7', 'bb7', '6') ?? fifth;
  if (!third || !upper) return [stackUp(['R', upper ?? third ?? 'R', 'R'])];
  return [stackUp(['R', third, upper]), stackUp(['R', upper, third])];
}

export const shell: VoicingFamily = {
  id: 'shell',
  label: 'shell',
  about: 'Root, third and seventh: three strings or one hand.',
  strings: ['643', '543'],
  crossing: [['643', '543']],
  of: { kind: 'stacks', stacks: shellStacks },
};

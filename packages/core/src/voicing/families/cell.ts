import { PLACE_OF, type Degree } from '../../chord/degrees';
import { choose } from '../../base/choose';
import type { Material } from '../base/material';
import { closePositions } from '../base/stacks';
import type { VoicingFamily } from './family';

const SIZE = 3;

/**
 * Three tones that still tell the chord: of its own tones and a natural ninth, any three with its third
 * or its seventh, close, in every order.
 */
export const cell: VoicingFamily = {
  id: 'cell',
  label: 'cell',
  about: 'Three tones that still tell the chord, to move up the neck.',
  of: {
    kind: 'stacks',
    stacks: (material) =>
      choose(cellTones(material), SIZE)
        .filter((set) => set.some((degree) => telling(material, degree)))
        .flatMap(closePositions),
  },
};

const cellTones = ({ degrees, tensions }: Material): Degree[] => [
  ...degrees,
  ...tensions.filter((degree) => degree === '9'),
];

const telling = ({ guideTones }: Material, degree: Degree): boolean =>
  guideTones.includes(degree) && (PLACE_OF[degree] !== 'root' || guideTones.length === 1);

import { PLACE_OF, type Degree } from '../../chord/degrees';
import { choose } from '../../base/choose';
import type { Material } from '../base/material';
import { closePositions } from '../base/stacks';
import type { VoicingFamily } from './family';

const SIZE = 3;

/**
 * Three tones that still tell the chord, close, in every order. Those are, out of its own tones and a natural
 * ninth: third and seventh with any other; the triad; and, where the third is major, the seventh with a
 * fifth and the root or the ninth, as a blues player slides them. Source: common practice.
 */
export const cell: VoicingFamily = {
  id: 'cell',
  label: 'cell',
  about: 'Three tones that still tell the chord, to move up the neck.',
  strings: ['321'],
  of: {
    kind: 'stacks',
    stacks: (material) =>
      choose(cellTones(material), SIZE)
        .filter((set) => tells(material, set))
        .flatMap(closePositions),
  },
};

const cellTones = ({ degrees, tensions }: Material): Degree[] => [
  ...degrees,
  ...tensions.filter((degree) => degree === '9'),
];

function tells({ degrees }: Material, set: readonly Degree[]): boolean {
  const at = (place: string): Degree | undefined => set.find((tone) => PLACE_OF[tone] === place);
  const has = (place: string): boolean => degrees.some((tone) => PLACE_OF[tone] === place);
  const [third, fifth, seventh] = [at('third'), at('fifth'), at('seventh')];
  if (!has('third') || !has('fifth')) return true;
  if (!seventh) return third !== undefined && fifth !== undefined && set.includes('R');
  if (third) return true;
  return fifth !== undefined && degrees.includes('3');
}

import { PLACE_OF, type Degree } from '../../chord/degrees';
import { choose } from '../../base/choose';
import type { Material } from '../base/material';
import { closePositions, stackUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

/**
 * Guide tones with a ninth for the root and a thirteenth or fifth, from the third or from the seventh: 3 5 7 9
 * and 7 9 3 13; of three notes those without the fifth or without the ninth, also 3 7 and a colour above
 * them. Where the context has no ninth, the three notes remain. Source: common practice.
 */
export const rootless: VoicingFamily = {
  id: 'rootless',
  label: 'rootless',
  about: 'The 9 for the root and the 5 or 13, from the third or from the seventh.',
  of: { kind: 'stacks', stacks },
};

/** Beside the guide tones. */
const MOST_OTHERS = 2;

function stacks(material: Material): DegreeStack[] {
  const [third, seventh] = outerGuides(material);
  if (!third || !seventh) return [];
  const others = [...inPlace(material, 'root'), ...inPlace(material, 'fifth')];
  return [MOST_OTHERS, 1].flatMap((size) =>
    choose(others, size)
      .filter((set) => balanced(material, set))
      .flatMap((set) => [
        ...fromGuides([third, seventh, ...set], [third, seventh]),
        ...(size === 1 ? [stackUp([third, seventh, ...set])] : []),
      ]),
  );
}

/** Close, with one of the guide tones at the bottom. */
const fromGuides = (set: readonly Degree[], guides: readonly Degree[]): DegreeStack[] =>
  closePositions(set).filter(({ tones }) => guides.includes(tones[0]!.degree));

/** One for the root and one for the fifth; two of one place only where the symbol writes them. */
function balanced({ demands }: Material, set: readonly Degree[]): boolean {
  const places = new Set(set.map((degree) => PLACE_OF[degree]));
  const written = set.filter((degree) => demands.some((any) => any.includes(degree)));
  return places.size === set.length || written.length >= set.length - 1;
}

/** The third and the seventh, or what stands for them; a triad has no seventh and no rootless form. */
function outerGuides({ guideTones }: Material): [Degree | undefined, Degree | undefined] {
  const find = (place: string): Degree | undefined =>
    guideTones.find((degree) => PLACE_OF[degree] === place);
  return [find('third'), find('seventh')];
}

/** The chord's own tones in a place, but for the root, and the tensions that stand for it. */
const inPlace = ({ degrees, tensions }: Material, place: 'root' | 'fifth'): Degree[] =>
  [...degrees, ...tensions].filter((degree) => PLACE_OF[degree] === place && degree !== 'R');

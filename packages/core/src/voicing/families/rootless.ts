import { PLACE_OF, type Degree } from '../../chord/degrees';
import type { Material } from '../base/material';
import { stackUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

/**
 * Guide tones with a ninth for the root and a thirteenth or fifth: 3 5 7 9 from the third, 7 9 3 13 from
 * the seventh; of three notes those without the fifth, or without the ninth. Where the context has no
 * ninth, the three notes remain.
 */
export const rootless: VoicingFamily = {
  id: 'rootless',
  label: 'rootless',
  about: 'The 9 for the root and the 5 or 13, from the third or from the seventh.',
  of: { kind: 'stacks', stacks },
};

function stacks(material: Material): DegreeStack[] {
  const [third, seventh] = outerGuides(material);
  if (!third || !seventh) return [];
  const ninths = inPlace(material, 'root');
  const fifths = inPlace(material, 'fifth');
  const full = ninths.flatMap((nine) =>
    fifths.flatMap((five) => [
      stackUp([third, five, seventh, nine]),
      stackUp([seventh, nine, third, five]),
    ]),
  );
  const noFifth = ninths.flatMap((nine) => [
    stackUp([third, seventh, nine]),
    stackUp([seventh, nine, third]),
  ]);
  const noNinth = fifths.flatMap((five) => [
    stackUp([third, five, seventh]),
    stackUp([seventh, third, five]),
  ]);
  return [...full, ...noFifth, ...noNinth];
}

/** The third and the seventh, or what stands for them; a triad has no seventh and no rootless form. */
function outerGuides({ guideTones }: Material): [Degree | undefined, Degree | undefined] {
  const find = (place: string): Degree | undefined =>
    guideTones.find((degree) => PLACE_OF[degree] === place);
  return [find('third'), find('seventh')];
}

/** What the chord writes in a place, else its own tone and the tensions that stand for it. */
function inPlace(material: Material, place: 'root' | 'fifth'): Degree[] {
  const there = (degree: Degree): boolean => PLACE_OF[degree] === place && degree !== 'R';
  const written = material.essential.filter(there);
  if (written.length) return written;
  return [...material.degrees, ...material.tensions].filter(there);
}

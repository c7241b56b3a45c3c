import { semitonesOf, type Degree } from '../../chord/degrees';
import type { Material } from '../base/material';
import { stackUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

/** Steps of a scale of seven: fourths are three apart, fifths four. */
const STEPS = [3, 4];
const SIZES = [3, 4];

/**
 * Stacked fourths, and stacked fifths, of the chord's scale on all its degrees in turn, the guide tones
 * among them or not. Source: common practice.
 */
export const modal: VoicingFamily = {
  id: 'modal',
  label: 'modal',
  about: 'Fourths or fifths stacked on every note of the scale, for a sound that stays.',
  everyDegree: true,
  lentLast: true,
  of: {
    kind: 'stacks',
    stacks: (material) =>
      STEPS.flatMap((steps) => SIZES.flatMap((size) => stacked(material, steps, size))),
  },
};

function stacked({ scale }: Material, steps: number, size: number): DegreeStack[] {
  return scale
    .map((_, index) =>
      Array.from({ length: size }, (__, voice) => scale[(index + voice * steps) % scale.length]!),
    )
    .filter(apart)
    .map((degrees) => stackUp(degrees));
}

const apart = (degrees: readonly Degree[]): boolean =>
  new Set(degrees.map(semitonesOf)).size === degrees.length;

import { semitonesOf } from '../chord/degrees';
import { pitchClass, semitones } from '../base/units';
import type { Stacking } from './families/family';
import { degreeAt, type Material } from './base/material';
import { distinct, unrooted } from './base/partial';
import { stackOf } from './base/stacks';
import type { DegreeStack } from './base/types';

/** The stacks of a family as the room has them: root left to the bass, a slash bass at the bottom. */
export function familyStacks({ stacks }: Stacking, material: Material): DegreeStack[] {
  const all = stacks(material).flatMap((stack) => unrooted(stack, material));
  return distinct(material.below === undefined ? all : overBass(all, material, material.below));
}

/** Stacks that stand on the bass already; where there are none, the bass is put under each. */
function overBass(stacks: readonly DegreeStack[], material: Material, bass: number): DegreeStack[] {
  const standing = stacks.filter(({ tones }) => {
    const lowest = tones[0];
    return lowest !== undefined && pitchClass(lowest.height) === bass;
  });
  return standing.length ? standing : stacks.map((stack) => onBass(stack, material, bass));
}

function onBass({ tones, without }: DegreeStack, material: Material, bass: number): DegreeStack {
  const lowest = tones[0]?.height ?? 0;
  const degree = degreeAt(material, bass);
  const height = semitones(lowest - pitchClass(lowest - bass));
  const others = tones.filter((tone) => semitonesOf(tone.degree) !== bass);
  return stackOf([{ degree, height }, ...others], without);
}

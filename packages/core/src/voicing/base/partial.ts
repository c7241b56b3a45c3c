import { PLACE_OF, type Degree } from '../../chord/degrees';
import type { Material } from './material';
import { stackOf, stackShape } from './stacks';
import type { DegreeStack, StackTone } from './types';

/** A voicing of fewer notes is a single line. */
export const FEWEST_NOTES = 2;

/**
 * How much a chord needs a tone, least first: the root, a natural fifth, colours nobody asked for,
 * colours the symbol asks for, written alterations, guide tones. Source: common practice.
 */
function need({ guideTones, essential, colours, degrees }: Material, degree: Degree): number {
  if (guideTones.includes(degree)) return 5;
  if (essential.includes(degree)) return 4;
  if (colours.includes(degree)) return 3;
  if (degree === 'R') return 0;
  return PLACE_OF[degree] === 'fifth' && degrees.includes(degree) ? 1 : 2;
}

/** A stack with the tones that are least needed left out until `size` are left; of equals the lowest. */
export function thinned(stack: DegreeStack, material: Material, size: number): DegreeStack {
  let tones = stack.tones;
  while (tones.length > size) {
    const least = leastNeeded(tones, material);
    tones = tones.filter((tone) => tone !== least);
  }
  return stackOf(tones, missing(stack, tones));
}

/** The tone that is missed least: a doubled one, else by `need`; of equals the lowest. */
export function leastNeeded<T extends { readonly degree: Degree }>(
  tones: readonly T[],
  material: Material,
): T | undefined {
  const doubled = tones.find((tone) =>
    tones.some((other) => other !== tone && other.degree === tone.degree),
  );
  return (
    doubled ?? [...tones].sort((a, b) => need(material, a.degree) - need(material, b.degree))[0]
  );
}

function missing(stack: DegreeStack, tones: readonly StackTone[]): Degree[] {
  const kept = new Set(tones.map(({ degree }) => degree));
  const gone = stack.tones.map(({ degree }) => degree).filter((degree) => !kept.has(degree));
  return [...new Set([...(stack.without ?? []), ...gone])];
}

/**
 * A stack as a room has it that leaves its roots to a bass: without the root, where two other tones remain;
 * with it too where it is not lowest, for a root inside or on top is welcome when it is asked for.
 */
export function unrooted(stack: DegreeStack, material: Material): DegreeStack[] {
  if (material.root || !stack.tones.some(({ degree }) => degree === 'R')) return [stack];
  const tones = stack.tones.filter(({ degree }) => degree !== 'R');
  const rooted = stack.tones[0]!.degree === 'R' ? [] : [stack];
  return tones.length < FEWEST_NOTES ? rooted : [stackOf(tones, missing(stack, tones)), ...rooted];
}

/** Each stack once: two that sound alike over their bass are one. */
export function distinct(stacks: readonly DegreeStack[]): DegreeStack[] {
  const known = new Map<string, DegreeStack>();
  for (const stack of stacks) {
    const shape = stackShape(stack.tones);
    if (!known.has(shape)) known.set(shape, stack);
  }
  return [...known.values()];
}

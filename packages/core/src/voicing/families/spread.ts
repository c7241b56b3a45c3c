import { semitonesOf, type Degree } from '../../chord/degrees';
import { choose } from '../../base/choose';
import type { Material } from '../base/material';
import { closePositions, drop, stackOf, tonesUp } from '../base/stacks';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

/** In an open seventh the guide tones lie at least this far above the root, in semitones: a fifth. */
const FIFTH = 7;
const MOST_COLOURS = 2;

/**
 * Open triads: a close triad with its middle note up an octave, in every inversion. Open sevenths: R in
 * the bass, both guide tones a fifth or more above it in either order, up to two colours or the fifth on
 * top of them.
 */
export const spread: VoicingFamily = {
  id: 'spread',
  label: 'spread',
  about: 'Open: wide at the bottom, the telling tones well above the root.',
  crossing: [
    ['431', '421', '531'],
    ['542', '532', '642'],
    ['653', '643'],
  ],
  of: {
    kind: 'stacks',
    stacks: (material) => (isTriad(material) ? openTriads(material) : openSevenths(material)),
  },
};

const isTriad = ({ guideTones, degrees }: Material): boolean =>
  guideTones.includes('R') && degrees.length === 3;

/** The middle note up an octave is the outer two down one: what remains is the octave it lies in. */
const openTriads = ({ degrees }: Material): DegreeStack[] =>
  closePositions(degrees)
    .map((stack) => drop(stack, [1, 3]))
    .map(raise);

const raise = (stack: DegreeStack): DegreeStack =>
  stackOf(
    stack.tones.map((tone) => ({ ...tone, height: (tone.height + 12) as typeof tone.height })),
  );

function openSevenths(material: Material): DegreeStack[] {
  const { guideTones } = material;
  const [first, second, ...others] = guideTones.filter((degree) => degree !== 'R');
  if (!first) return [];
  const orders = second
    ? [
        [first, second],
        [second, first],
      ]
    : [[first]];
  const tops = colourTops(material, [...others]);
  return orders.flatMap((order) =>
    tops.map((top) => stackOf([...tonesUp(['R'], -1), ...tonesUp([...order, ...top], FIFTH - 1)])),
  );
}

/** What may lie on top: nothing, one or two of the fifth, the written colours and the tensions. */
function colourTops(material: Material, always: readonly Degree[]): Degree[][] {
  const { degrees, tensions, guideTones } = material;
  const free = [...degrees, ...tensions].filter(
    (degree) => degree !== 'R' && !guideTones.includes(degree),
  );
  const rising = free.sort((a, b) => semitonesOf(a) - semitonesOf(b));
  return Array.from({ length: MOST_COLOURS + 1 }, (_, size) => choose(rising, size))
    .flat()
    .map((chosen) => [...always, ...chosen]);
}

import { stringSetOf } from './base/stringSet';
import type { Voicing } from './base/types';

/**
 * Of grips that sound the same notes on the same strings or in the same hands, the one a player takes: one that can be
 * reached, then one that crosses no strings, then the one that is the least stretch. Source: common practice.
 * @returns in the order in which the sounds first come
 */
export function easiestOfEach(grips: readonly Voicing[]): Voicing[] {
  const best = new Map<string, Voicing>();
  for (const grip of grips) {
    const where = stringSetOf(grip) || grip.notes.map(({ hand = '' }) => hand).join(' ');
    const name = `${where} ${grip.notes.map(({ midi }) => midi).join(' ')}`;
    const known = best.get(name);
    if (!known || isEasier(grip, known)) best.set(name, grip);
  }
  return [...best.values()];
}

function isEasier(a: Voicing, b: Voicing): boolean {
  const [first, second] = [measured(a), measured(b)];
  const at = first.findIndex((each, position) => each !== second[position]);
  return at >= 0 && first[at]! < second[at]!;
}

const measured = (grip: Voicing): readonly number[] => [
  Number(grip.ease === 'out of reach'),
  crossings(grip),
  grip.stretchMm ?? 0,
];

/** How often a higher note lies on a lower string than the note under it. */
const crossings = ({ notes }: Voicing): number =>
  notes.filter(({ string = 0 }, at) => at > 0 && string > (notes[at - 1]?.string ?? 0)).length;

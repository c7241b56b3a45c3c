import { PLACE_OF, type Degree } from '../chord/degrees';
import type { PitchedChord } from '../chord/types';

/** All ways to choose `size` of the items, order kept. */
function choose<T>(items: readonly T[], size: number): T[][] {
  if (size === 0) return [[]];
  return items.flatMap((item, index) =>
    choose(items.slice(index + 1), size - 1).map((rest) => [item, ...rest]),
  );
}

/**
 * The sets of tones that speak for a chord in `size` voices. Guide tones are always there; then as
 * many essential tones as fit, then the colours the symbol asks for (either ninth does for alt), then one tone for each place of
 * the chord (a ninth in the root's place, a thirteenth in the fifth's). All sets that do equally well
 * are returned; a chord of fewer tones gives its tones.
 *
 * Of C9 in four voices there is one: 3 5 b7 9, the 9 in the place of the root.
 */
export function toneSets(chord: PitchedChord, size: number): Degree[][] {
  const degrees = chord.tones.map((tone) => tone.degree);
  const all = choose(degrees, Math.min(size, degrees.length)).filter((set) =>
    chord.guideTones.every((degree) => set.includes(degree)),
  );
  const worth = (set: readonly Degree[]): number => {
    const held = (wanted: readonly Degree[]): Degree[] => wanted.filter((d) => set.includes(d));
    const places = (degrees: readonly Degree[]): number =>
      new Set(degrees.map((degree) => PLACE_OF[degree])).size;
    return held(chord.essential).length * 100 + places(held(chord.colours)) * 10 + places(set);
  };
  const best = Math.max(...all.map(worth));
  return all.filter((set) => worth(set) === best);
}

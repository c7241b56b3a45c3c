import { PLACE_OF, type Degree } from '../../chord/degrees';
import { choose } from '../../base/choose';
import { standingFor, type Material } from './material';

/**
 * The sets of tones that speak for a chord in `size` voices. Guide tones are always there; then as
 * many essential tones as fit, then the colours the symbol asks for (either ninth does for alt), then
 * one tone for each place of the chord (a ninth in the root's place, a thirteenth in the fifth's). All
 * sets that do equally well are returned; a chord of fewer tones gives its tones. With exchange, every
 * available tension also stands in the place of a root or fifth that is not essential.
 *
 * Of C9 in four voices there is one: 3 5 b7 9, the 9 in the place of the root.
 */
export function toneSets(material: Material, size: number): Degree[][] {
  const written = setsAsWritten(material, size);
  if (!material.exchange) return written;
  const exchanged = completed(material, written, size).flatMap((set) => exchanges(material, set));
  const known = new Set<string>();
  return exchanged.filter((set) => {
    const key = [...set].sort().join();
    return known.has(key) ? false : known.add(key);
  });
}

function setsAsWritten({ degrees, guideTones, essential, colours }: Material, size: number) {
  const all = choose(degrees, Math.min(size, degrees.length)).filter((set) =>
    guideTones.every((degree) => set.includes(degree)),
  );
  const worth = (set: readonly Degree[]): number => {
    const held = (wanted: readonly Degree[]): Degree[] => wanted.filter((d) => set.includes(d));
    const places = (of: readonly Degree[]): number =>
      new Set(of.map((degree) => PLACE_OF[degree])).size;
    return held(essential).length * 100 + places(held(colours)) * 10 + places(set);
  };
  const best = Math.max(...all.map(worth));
  return all.filter((set) => worth(set) === best);
}

/** Where a chord has fewer tones, as one whose scale has no fifth, a tension in the empty place. */
function completed(material: Material, sets: Degree[][], size: number): Degree[][] {
  const fill = (set: Degree[], place: Degree): Degree[][] => {
    if (set.length >= size || holdsPlace(set, place)) return [set];
    const whole = standingFor(material, place).map((tension) => [...set, tension]);
    return whole.length ? whole : [set];
  };
  return sets.flatMap((set) => fill(set, 'R')).flatMap((set) => fill(set, '5'));
}

const holdsPlace = (set: readonly Degree[], degree: Degree): boolean =>
  set.some((tone) => PLACE_OF[tone] === PLACE_OF[degree]);

/** The set itself, and with each available tension in the place of its root and of its fifth. */
function exchanges(material: Material, set: readonly Degree[]): Degree[][] {
  const held = [...material.guideTones, ...material.essential];
  return set.reduce<Degree[][]>(
    (sets, degree) => {
      const yields = (degree === 'R' || degree === '5') && !held.includes(degree);
      const instead = yields ? [degree, ...standingFor(material, degree)] : [degree];
      return sets.flatMap((begun) => instead.map((tone) => [...begun, tone]));
    },
    [[]],
  );
}

import { choose } from '../choose';
import { impossible } from '../result';

/** One voice across a change: positions bottom to top in the two voicings. */
export type VoicePair =
  | { readonly kind: 'moves'; readonly from: number; readonly to: number }
  | { readonly kind: 'ends'; readonly from: number }
  | { readonly kind: 'enters'; readonly to: number };

/**
 * Pairs the voices of two voicings so that none cross. Equal sizes pair by order; else the voices of
 * the smaller go, in order, to those of the larger that make the sum of motions least, and the spare
 * voices enter or end. Ties leave the spare voice lowest. Bottom to top.
 *
 * @param from pitches bottom to top
 */
export function matchVoices(from: readonly number[], to: readonly number[]): VoicePair[] {
  if (from.length === to.length) return from.map((_, i) => ({ kind: 'moves', from: i, to: i }));
  const growing = from.length < to.length;
  const [small, large] = growing ? [from, to] : [to, from];
  const partners = bestPartners(small, large);
  return large.map((_, position) => {
    const partner = partners.indexOf(position);
    if (partner < 0)
      return growing ? { kind: 'enters', to: position } : { kind: 'ends', from: position };
    const [a, b] = growing ? [partner, position] : [position, partner];
    return { kind: 'moves', from: a, to: b };
  });
}

/**
 * For each voice of the smaller voicing the position of its partner in the larger, rising, with the least
 * sum of |Δ|; of equal matches the one that leaves the spare voices lowest.
 */
export function bestPartners(
  small: readonly number[],
  large: readonly number[],
): readonly number[] {
  const ways = waysToFit(small.length, large.length);
  let best = ways[0] ?? [];
  let least = Infinity;
  // Part of the hot path of the engine: nothing is made here.
  for (const way of ways) {
    let sum = 0;
    for (let voice = 0; voice < way.length; voice += 1) {
      sum += Math.abs(small[voice]! - large[way[voice]!]!);
    }
    if (sum < least) [best, least] = [way, sum];
  }
  return best;
}

/** By size and places, as one number. */
const knownWays = new Map<number, readonly (readonly number[])[]>();
const MOST_PLACES = 100;

/** Every rising choice of `size` of `places` positions, the highest positions first. */
function waysToFit(size: number, places: number): readonly (readonly number[])[] {
  const key = size * MOST_PLACES + places;
  const known = knownWays.get(key);
  if (known) return known;
  const positions = Array.from({ length: places }, (_, position) => position);
  const ways = choose(positions, size).reverse();
  knownWays.set(key, ways);
  return ways;
}

export type MotionKind = 'held' | 'half step' | 'whole step' | 'leap' | 'enters' | 'ends';

/**
 * What the ear calls a motion of so many semitones; anything past a whole step is a leap.
 * @example motionKind(-1) // 'half step'
 */
export function motionKind(semitones: number): MotionKind {
  const size = Math.abs(semitones);
  if (size === 0) return 'held';
  if (size === 1) return 'half step';
  return size === 2 ? 'whole step' : 'leap';
}

/** Signed motion of a pair in semitones; `undefined` for a voice that enters or ends. */
export function motionOf(
  pair: VoicePair,
  from: readonly number[],
  to: readonly number[],
): number | undefined {
  switch (pair.kind) {
    case 'moves':
      return (to[pair.to] ?? 0) - (from[pair.from] ?? 0);
    case 'ends':
    case 'enters':
      return undefined;
    default:
      return impossible(pair);
  }
}

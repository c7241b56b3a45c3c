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

/** For each small voice the position of its partner, rising, with the least sum of |Δ|. */
function bestPartners(small: readonly number[], large: readonly number[]): number[] {
  const spare = large.length - small.length;
  let best: { partners: number[]; sum: number } | undefined;
  const visit = (partners: number[], sum: number): void => {
    if (best && sum >= best.sum) return;
    const voice = small[partners.length];
    if (voice === undefined) {
      best = { partners, sum };
      return;
    }
    // High positions first: of equal matches the one that leaves the spare voice lowest is kept.
    const last = partners.length + spare;
    for (let position = last; position > (partners.at(-1) ?? -1); position -= 1) {
      visit([...partners, position], sum + Math.abs(voice - (large[position] ?? 0)));
    }
  };
  visit([], 0);
  return best?.partners ?? [];
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

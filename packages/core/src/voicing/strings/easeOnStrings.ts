import type { Fretted, Voicing } from '../base/types';

/** As "42 mm, fret 5 to 6: easy for your hand, up to 100 mm." */
export function easeOnStrings({ notes, stretchMm, ease }: Voicing, { hand }: Fretted): string {
  const { comfortableMm, limitMm } = hand;
  const frets = notes.map(({ fret = 0 }) => fret).filter((fret) => fret > 0);
  if (!frets.length) return 'Open strings only.';
  const [low, high] = [Math.min(...frets), Math.max(...frets)];
  const stretch = stretchMm ?? 0;
  const mm = Math.round(stretch);
  const reach = `${mm} mm, ${low === high ? `all at fret ${low}` : `fret ${low} to ${high}`}`;
  if (ease === 'easy') return `${reach}: easy for your hand, up to ${comfortableMm} mm.`;
  if (ease === 'stretch') {
    return `${reach}: a stretch. Easy ends at ${comfortableMm} mm, your limit is ${limitMm} mm.`;
  }
  return stretch > limitMm
    ? `${reach}: past your limit of ${limitMm} mm.`
    : 'It needs more fingers than a hand has.';
}

/** Why none of these grips can be held, as a clause. */
export function beyondHandOnStrings(
  names: string,
  grips: readonly Voicing[],
  { hand }: Fretted,
): string {
  const stretch = Math.round(Math.min(...grips.map((grip) => grip.stretchMm ?? Infinity)));
  if (stretch <= hand.limitMm) return `every form of ${names} needs more fingers than a hand has`;
  return `the narrowest grip of ${names} needs ${stretch} mm, and the hand's limit is ${hand.limitMm} mm`;
}

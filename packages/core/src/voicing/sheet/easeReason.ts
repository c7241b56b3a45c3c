import { sentence } from './derivation';
import type { Hand, Instrument, Keyboard, Voicing } from '../types';

/**
 * Why a voicing is easy, a stretch or out of reach, as one sentence; empty for a rest.
 * As "42 mm, fret 5 to 6: easy for your hand, up to 100 mm."
 * @example easeReason(voicing, defaultGuitar)
 */
export function easeReason(voicing: Voicing, instrument: Instrument): string {
  if (!voicing.notes.length) return '';
  return instrument.kind === 'keyboard'
    ? onKeys(voicing, instrument)
    : onStrings(voicing, instrument.hand);
}

function onStrings(
  { notes, stretchMm, ease }: Voicing,
  { comfortableMm, limitMm }: { readonly comfortableMm: number; readonly limitMm: number },
): string {
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

function onKeys({ notes, ease }: Voicing, { reach }: Keyboard): string {
  const hands = (['left', 'right'] as const).flatMap((hand) => {
    const held = notes.filter((note) => note.hand === hand).map((note) => note.midi as number);
    return held.length ? [handReach(hand, held, reach[hand])] : [];
  });
  const verdict = { easy: '', stretch: ': wide, but in reach', 'out of reach': ': out of reach' };
  return sentence([`${hands.join(', ')}${verdict[ease]}`]);
}

function handReach(hand: Hand, held: readonly number[], reach: number): string {
  const name = `${hand} hand`;
  if (held.length === 1) return `${name} one note`;
  return `${name} ${Math.max(...held) - Math.min(...held)} of your ${reach} half steps`;
}

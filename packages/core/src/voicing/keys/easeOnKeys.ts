import { sentence } from '../../base/words';
import type { Hand, Keyboard, Voicing } from '../base/types';

/** As "Left hand 10 of your 14 half steps, right hand one note." */
export function easeOnKeys({ notes, ease }: Voicing, { reach }: Keyboard): string {
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

/** Why none of a family's forms can be held, as a clause. */
export const beyondReach = (names: string, { reach }: Keyboard): string =>
  `every form of ${names} is wider than the hand's reach of ${Math.max(reach.left, reach.right)} half steps`;

import { has, isDominant } from '../kinds';
import { inARow } from '../parts';
import { fallsFifth } from '../../connect/base/place';
import type { PitchedChord } from '../../chord/types';
import type { MovementDevice } from '../types';

/** A ii–V of major as one of minor, or the other way: the 5 of ii and the 9 of V are altered. */
export const recast: MovementDevice = {
  id: 'recast',
  label: 'Recast the ii–V',
  about: 'A ii–V of major as one of minor, or the other way, by the 5 of ii and the 9 of V.',
  level: 3,
  offers: ({ here, following: [next] }) => {
    if (next?.chord.kind !== 'chord' || !fallsFifth(here.chord, next.chord)) return [];
    const minor = isTwo(here.chord);
    if (minor === undefined || !isDominant(next.chord)) return [];
    const two = `${here.chord.root}${minor ? 'm7' : 'm7b5'}`;
    const five = `${next.chord.root}${minor ? '7' : '7b9'}`;
    return [
      {
        device: 'recast',
        variant: minor ? 'as in major' : 'as in minor',
        label: minor ? 'as in major' : 'as in minor',
        why: `${two} ${five}: ${minor ? 'the 5 of ii is natural and the 9 of V too' : 'the 5 of ii is flat, and so is the 9 of V'}.`,
        covers: 2,
        chords: inARow([
          [{ symbol: two }, here.length],
          [{ symbol: five }, next.length],
        ]),
      },
    ];
  },
};

/** Whether a ii is that of minor; `undefined` where it is none. */
const isTwo = (chord: PitchedChord): boolean | undefined =>
  has(chord, 'b3') && has(chord, 'b7') ? has(chord, 'b5') : undefined;

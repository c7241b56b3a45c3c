import { fallsFifth } from '../../connect/base/place';
import { plainRoot, spellFrom } from '../../pitch/spelling';
import { has, isDominant } from '../kinds';
import { inARow } from '../parts';
import type { DevicePlace, MovementDevice } from '../types';

/** The ii that belongs to a V, in the first half of its time. Source: common practice. */
export const relatedTwo: MovementDevice = {
  id: 'related two',
  label: 'Related ii before the V',
  about:
    'A dominant shares its time with the ii that belongs to it: half-diminished where minor follows.',
  group: 'other chords',
  level: 2,
  offers: (place) => {
    const { here } = place;
    const { chord, length } = here;
    if (!isDominant(chord) || length < 2) return [];
    const two = `${plainRoot(spellFrom(chord.root, 4, 7))}${toMinor(place) ? 'm7b5' : 'm7'}`;
    return [
      {
        device: 'related two',
        variant: 'two first',
        label: `${two} first`,
        why: `${two} is the ii of the key in which ${chord.symbol} is V.`,
        covers: 1,
        chords: inARow([
          [{ symbol: two }, length / 2],
          [{ symbol: chord.symbol }, length / 2],
        ]),
      },
    ];
  },
};

function toMinor({ here: { chord }, following: [next] }: DevicePlace): boolean {
  if (has(chord, 'b9', 'b13')) return true;
  return next?.chord.kind === 'chord' && fallsFifth(chord, next.chord) && has(next.chord, 'b3');
}

import { has, isDominant } from '../kinds';
import { inARow } from '../parts';
import { fallsFifth } from '../../connect/base/place';
import type { PitchedChord } from '../../chord/types';
import type { DeviceOffer, DevicePlace, MovementDevice } from '../types';

/**
 * A ii–V of major as one of minor, or the other way, with the I it goes to or without it: Dm7♭5 G7♭9 Cm7 as
 * Dm7 G7 Cmaj7. Source: common practice.
 */
export const recast: MovementDevice = {
  id: 'recast',
  label: 'Recast the ii–V',
  about: 'A ii–V, or a ii–V–I, of major as one of minor, or the other way.',
  group: 'other chords',
  level: 3,
  offers: (place) => {
    const { here, following } = place;
    const [five, one] = following;
    if (five?.chord.kind !== 'chord' || !fallsFifth(here.chord, five.chord)) return [];
    const minor = isTwo(here.chord);
    if (minor === undefined || !isDominant(five.chord)) return [];
    const goesTo =
      one?.chord.kind === 'chord' && fallsFifth(five.chord, one.chord) && isOne(one.chord, minor);
    return [...(goesTo ? [offer(place, minor, 3)] : []), offer(place, minor, 2)];
  },
};

function offer({ here, following }: DevicePlace, minor: boolean, covers: 2 | 3): DeviceOffer {
  const run = [here, ...following.slice(0, covers - 1)];
  const qualities = minor ? ['m7', '7', 'maj7'] : ['m7b5', '7b9', 'm7'];
  const roots = run.flatMap(({ chord }) => (chord.kind === 'chord' ? [chord.root] : []));
  const symbols = roots.map((root, at) => `${root}${qualities[at]!}`);
  const mode = minor ? 'as in major' : 'as in minor';
  const changed = minor
    ? 'the 5 of ii and the 9 of V are natural'
    : 'the 5 of ii and the 9 of V are flat';
  const last = covers === 3 ? `, and the I is ${minor ? 'major' : 'minor'}` : '';
  return {
    device: 'recast',
    variant: covers === 3 ? `${mode}, with its I` : mode,
    label: covers === 3 ? `${mode}, with its I` : `${mode}, the ii–V alone`,
    why: `${symbols.join(' ')}: ${changed}${last}.`,
    covers,
    chords: inARow(symbols.map((symbol, at) => [{ symbol }, run[at]!.length])),
  };
}

/** Whether a ii is that of minor; `undefined` where it is none. */
const isTwo = (chord: PitchedChord): boolean | undefined =>
  has(chord, 'b3') && has(chord, 'b7') ? has(chord, 'b5') : undefined;

/** Whether a chord is a I of the mode the ii is of: then all three change together. */
const isOne = (chord: PitchedChord, minor: boolean): boolean =>
  minor ? has(chord, 'b3') && !has(chord, 'b5') : has(chord, '3') && !has(chord, 'b7');

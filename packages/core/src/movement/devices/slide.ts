import type { PitchedChord } from '../../chord/types';
import { moveSymbol } from '../../chord/moveSymbol';
import { CHROMATIC } from '../../voicing/stepped';
import { inARow } from '../parts';
import type { DeviceOffer, MovementDevice } from '../types';

const SIDES = [
  { side: 'from below', by: -1 },
  { side: 'from above', by: 1 },
] as const;
const EARLY = [
  { early: 'an eighth early', length: 0.5 },
  { early: 'a beat early', length: 1 },
] as const;

/** The grip of the next chord a half step away, slid into it. Source: common practice. */
export const slide: MovementDevice = {
  id: 'slide',
  label: 'Slide in by a half step',
  about: 'The grip of the next chord, a half step off and a little early, slides into place.',
  group: 'the whole grip',
  level: 1,
  offers: ({ here, following: [next] }) => {
    if (next?.chord.kind !== 'chord') return [];
    const target = next.chord;
    return SIDES.flatMap(({ side, by }) =>
      EARLY.filter(({ length }) => here.length - length >= 1).map(({ early, length }) =>
        offer(here.chord.symbol, here.length, target, { variant: `${side}, ${early}`, by, length }),
      ),
    );
  },
};

interface Sliding {
  readonly variant: string;
  readonly by: 1 | -1;
  readonly length: number;
}

const offer = (
  symbol: string,
  whole: number,
  target: PitchedChord,
  { variant, by, length }: Sliding,
): DeviceOffer => ({
  device: 'slide',
  variant,
  label: variant,
  why: `The same grip as ${target.symbol}, one fret or key ${by < 0 ? 'lower' : 'higher'}, slides into it.`,
  covers: 1,
  leadsInto: { steps: [{ scale: CHROMATIC, by }] },
  chords: inARow([
    [{ symbol }, whole - length],
    [
      {
        symbol: moveSymbol(target.symbol, { letterSteps: by, semitones: by }),
        madeFrom: { kind: 'slide', of: 'after', by },
      },
      length,
    ],
  ]),
});

import { moveSymbol } from '../../chord/moveSymbol';
import type { PitchedChord } from '../../chord/types';
import { CHROMATIC } from '../../voicing/stepped';
import { inARow, type Part } from '../parts';
import type { DeviceOffer, MovementDevice } from '../types';

/** What encloses: the whole grip of the next chord, or its top note alone. */
const WHAT = [
  { what: 'top note', top: true },
  { what: 'grip', top: false },
] as const;
/** How long each of the two is, in quarters; after them the next chord comes on its beat. */
const LENGTHS = [
  { on: 'eighths', length: 1 / 2 },
  { on: 'triplets', length: 1 / 3 },
] as const;
/** How far below the second one lies, in half steps; the first lies a half step above. */
const BELOW = [
  { side: 'half step below', by: -1 },
  { side: 'whole step below', by: -2 },
] as const;

/** What the stretch keeps before it is left, in quarters. */
const KEPT = 1;

/** The next chord, or its top note, from a half step above and then from below it. Source: common practice. */
export const enclosure: MovementDevice = {
  id: 'enclosure',
  label: 'Enclose the next chord',
  about: 'A half step above, then below, then on the beat the next chord or its top note.',
  group: 'a line',
  level: 1,
  offers: ({ here, following: [next] }) => {
    if (next?.chord.kind !== 'chord') return [];
    const target = next.chord;
    return WHAT.flatMap(({ what, top }) =>
      BELOW.flatMap(({ side, by }) =>
        LENGTHS.filter(({ length }) => here.length - 2 * length >= KEPT).map(({ on, length }) =>
          offer(here.chord.symbol, here.length, target, {
            variant: `${what}, ${side}, ${on}`,
            ...{ top, by, length },
          }),
        ),
      ),
    );
  },
};

interface Enclosing {
  readonly variant: string;
  readonly top: boolean;
  readonly by: number;
  readonly length: number;
}

function offer(
  symbol: string,
  whole: number,
  target: PitchedChord,
  { variant, top, by, length }: Enclosing,
): DeviceOffer {
  const what = top ? `The top note of ${target.symbol}` : target.symbol;
  const moved = (semitones: number): string =>
    moveSymbol(target.symbol, { letterSteps: Math.sign(semitones), semitones });
  // Each is made of the one after it: the first stands a half step above the target, over the second.
  const parts: readonly (readonly [Part, number])[] = [
    [{ symbol }, whole - 2 * length],
    [{ symbol: moved(1), madeFrom: { kind: 'slide', of: 'after', by: 1 - by, top } }, length],
    [{ symbol: moved(by), madeFrom: { kind: 'slide', of: 'after', by, top } }, length],
  ];
  return {
    device: 'enclosure',
    variant,
    label: variant,
    why: `${what}, from a half step above and then from a ${by === -1 ? 'half' : 'whole'} step below.`,
    covers: 1,
    ...(!top && { leadsInto: { steps: [1, by].map((each) => ({ scale: CHROMATIC, by: each })) } }),
    chords: inARow(parts),
  };
}

import { plainRoot, spellFrom, type NoteName } from '../../pitch/spelling';
import type { PitchRange } from '../../voicing/base/types';
import { inARow, heldOnTop, type Part } from '../parts';
import { sixthAndDiminished, type SixthAndDiminished } from '../sixth';
import { CHROMATIC, type Steps } from '../../voicing/stepped';
import type { DeviceOffer, MadeFrom, MovementDevice } from '../types';

/** The shortest stretch on which the chords still alternate twice, in quarters. */
const SHORTEST = 4;

/**
 * The sixth chord that stands for a chord, and the diminished chord of its dominant, by turns: V7b9 in
 * disguise. The chord keeps the strong places. Source: common practice.
 */
export const sixthDiminished: MovementDevice = {
  id: 'sixth and diminished',
  label: 'Alternate sixth and diminished',
  about:
    'The chord as a sixth chord, by turns with the diminished of its dominant: V7♭9 in disguise.',
  group: 'the whole grip',
  level: 2,
  offers: ({ here: { chord, length }, window }) => {
    const reading = length >= SHORTEST ? sixthAndDiminished(chord) : undefined;
    if (!reading) return [];
    const rows: readonly (readonly [string, readonly Part[]])[] = [
      ['climbing', turns(reading, 1)],
      ['coming down', turns(reading, -1)],
      ...held(reading, window),
      ['borrowing one note', borrowed(reading)],
    ];
    return rows.map(([variant, parts]) => offer(variant, whyOf(reading), parts, length));
  },
};

/** One form on the eight-note scale, every voice a step at a time. */
function turns({ sixth, diminished }: SixthAndDiminished, direction: 1 | -1): Part[] {
  const scale = [...sixth.classes, ...diminished.classes];
  const steps = [1, 2, 3].map((by): Steps => ({ scale, by: by * direction }));
  return [
    { symbol: sixth.symbol, families: ['block'], steps },
    ...steps.map((each, at): Part => ({
      symbol: at % 2 ? sixth.symbol : diminished.symbol,
      madeFrom: { kind: 'step', from: 0, steps: each },
    })),
  ];
}

const whyOf = ({ sixth, diminished, root }: SixthAndDiminished): string =>
  `${diminished.symbol} is ${plainRoot(spellFrom(root, 4, 7))}7♭9 without its root; it leads back to ${sixth.symbol}.`;

/** One note stays on top, the other three move to the diminished chord: what is left is named by itself. */
function held(
  { sixth, root }: SixthAndDiminished,
  window: PitchRange,
): (readonly [string, Part[]])[] {
  const fifth = plainRoot(spellFrom(root, 4, 7));
  const second = plainRoot(spellFrom(root, 1, 2));
  const round = (symbol: string, note: NoteName): Part[] =>
    [sixth.symbol, symbol, sixth.symbol].map((each) => ({
      symbol: each,
      families: ['close', 'drop2'],
      tops: heldOnTop(note, window),
      top: 'hold',
    }));
  return [
    ['holding the fifth', round(`${fifth}7`, fifth)],
    ['holding the root', round(`${second}m7b5`, root)],
  ];
}

/** The sixth of the chord gives way to its neighbour in the diminished chord, and comes back. */
function borrowed({ sixth, root, minor }: SixthAndDiminished): Part[] {
  const seventh = minor ? `${root}m(maj7)` : `${root}maj7`;
  const up = (by: number): MadeFrom => ({ kind: 'walk', from: 0, degree: '6', by });
  return [
    {
      symbol: sixth.symbol,
      families: ['block'],
      steps: [{ scale: CHROMATIC, by: WHOLE_STEP, only: ['6'] }],
    },
    { symbol: seventh, madeFrom: up(WHOLE_STEP) },
    { symbol: sixth.symbol, madeFrom: up(0) },
  ];
}
const WHOLE_STEP = 2;

/** Four chords take a quarter of the stretch each; of three the first takes half. */
function offer(variant: string, why: string, parts: readonly Part[], length: number): DeviceOffer {
  const shares = parts.length === 4 ? [1, 1, 1, 1] : [2, 1, 1];
  const chords = inARow(parts.map((part, at) => [part, (length * shares[at]!) / 4]));
  return { device: 'sixth and diminished', variant, label: variant, why, covers: 1, chords };
}

import { prettyDegree, type Degree } from '../../chord/degrees';
import { VOICES, type Steps, type VoiceName } from '../../voicing/stepped';
import { inARow, type Part } from '../parts';
import { sixthAndDiminished } from '../sixth';
import type { Choice, DeviceOffer, MadeFrom, MovementDevice } from '../types';

/** The shortest stretch that leaves and comes back, in quarters. */
const SHORTEST = 2;
/** The shortest in which two steps are taken up and back. */
const SHORTEST_OF_TWO = 4;

const WAYS = [
  { direction: 'up', sign: 1 },
  { direction: 'down', sign: -1 },
] as const;
type Direction = (typeof WAYS)[number]['direction'];

/** Any voice first: what is held lies where the grips before and after want it. */
const WHERE: readonly (VoiceName | undefined)[] = [undefined, ...VOICES];

/**
 * One tone of the chord stays in its voice, any or the one that is chosen, and the others go one or two steps along the eight notes of its sixth
 * chord and the diminished of its dominant, and come back; or one or two go alone. Source: common practice (sixth
 * and diminished).
 */
export const holdAndMove: MovementDevice = {
  id: 'hold and move',
  label: 'Hold one note and move the rest',
  about: 'One note of the grip stays; the others go a step or two along the scale and come back.',
  group: 'hold and move',
  level: 2,
  offers: ({ here: { chord, length } }) => {
    const reading = length >= SHORTEST ? sixthAndDiminished(chord) : undefined;
    if (!reading) return [];
    const scale = [...reading.sixth.classes, ...reading.diminished.classes];
    const held = HELD.filter((degree) => chord.tones.some((tone) => tone.degree === degree));
    const moved = [1, 2].flatMap((furthest) =>
      furthest === 2 && length < SHORTEST_OF_TWO
        ? []
        : WAYS.flatMap(({ direction, sign }) =>
            held.flatMap((hold) =>
              WHERE.map((voice) => {
                const steps = Array.from({ length: furthest }, (_, at): Steps => ({
                  ...{ scale, by: (at + 1) * sign, hold },
                  ...(voice && { voice }),
                }));
                return offer({ symbol: chord.symbol, length, hold, voice, direction, steps });
              }),
            ),
          ),
    );
    const borrowed = oneOrTwo(held).flatMap((only) =>
      WAYS.map(({ direction, sign }) =>
        borrowing(chord.symbol, length, only, { direction, steps: { scale, by: sign, only } }),
      ),
    );
    return [...moved, ...borrowed];
  },
};

/** Each of some degrees, and each two of them. */
const oneOrTwo = (degrees: readonly Degree[]): (readonly Degree[])[] => [
  ...degrees.map((each) => [each]),
  ...degrees.flatMap((a, at) => degrees.slice(at + 1).map((b) => [a, b])),
];

/** One note or two of the grip, a step along the scale and back: borrowed from the diminished chord next to it. */
function borrowing(
  symbol: string,
  length: number,
  only: readonly Degree[],
  { direction, steps }: { readonly direction: Direction; readonly steps: Steps },
): DeviceOffer {
  const madeFrom = (by: number): MadeFrom => ({ kind: 'step', from: 0, steps: { ...steps, by } });
  const names = only.map(nameOf).join(' and ');
  return {
    device: 'hold and move',
    variant: `borrow ${only.join(' ')} ${direction}`,
    label: `only the ${names}, ${direction} a step`,
    why: `The ${names} ${only.length > 1 ? 'go' : 'goes'} a step ${direction} and back, borrowed from the diminished chord; the rest stays.`,
    choices: choicesOf(`only the ${names}`, undefined, direction, 1),
    covers: 1,
    chords: inARow([
      [{ symbol, steps: [steps] }, length / 2],
      [{ symbol, madeFrom: madeFrom(steps.by), tied: true }, length / 4],
      [{ symbol, madeFrom: madeFrom(0), tied: true }, length / 4],
    ]),
  };
}

const nameOf = (degree: Degree): string => (degree === 'R' ? 'root' : prettyDegree(degree));

/** Guide tones first: they tell the chord while the rest moves. */
const HELD: readonly Degree[] = ['3', 'b3', '7', 'b7', '6', '5', 'b5', 'R'];

interface Holding {
  readonly symbol: string;
  readonly length: number;
  readonly hold: Degree;
  readonly voice: VoiceName | undefined;
  readonly direction: Direction;
  /** One step, or one and then two. */
  readonly steps: readonly Steps[];
}

const VOICE_NAMES: Readonly<Record<VoiceName, string>> = {
  top: 'the top voice',
  second: 'the second voice from the top',
  third: 'the third voice from the top',
  lowest: 'the lowest voice',
};

/** What a player chooses, in the order it is said. */
const choicesOf = (
  moves: string,
  voice: VoiceName | undefined,
  direction: Direction,
  steps: number,
): Choice[] => [
  { name: 'Moving', value: moves },
  { name: 'Held in', value: voice ? VOICE_NAMES[voice] : 'any voice' },
  { name: 'Going', value: direction },
  { name: 'By', value: farOf(steps) },
];

const farOf = (steps: number): string => (steps === 1 ? 'a step' : 'two steps');

function offer({ symbol, length, hold, voice, direction, steps }: Holding): DeviceOffer {
  const step = (each: Steps): Part => ({
    symbol,
    madeFrom: { kind: 'step', from: 0, steps: each },
    tied: true,
  });
  const back: MadeFrom = { kind: 'step', from: 0, steps: { ...steps[0]!, by: 0 } };
  const parts: Part[] = [
    { symbol, steps },
    ...steps.map(step),
    ...steps.slice(0, -1).reverse().map(step),
    { symbol, madeFrom: back, tied: true },
  ];
  const each = length / 2 / (parts.length - 1);
  const name = nameOf(hold);
  const far = farOf(steps.length);
  return {
    device: 'hold and move',
    variant: `${hold} ${direction} ${steps.length}${voice ? ` ${voice}` : ''}`,
    label: `the ${name}${voice ? ` in ${VOICE_NAMES[voice]}` : ''}, ${direction} ${far}`,
    why: `The ${name} stays in ${voice ? VOICE_NAMES[voice] : 'its voice'}; the others go ${far} ${direction} and come back.`,
    choices: choicesOf(`all but the ${name}`, voice, direction, steps.length),
    covers: 1,
    chords: inARow(parts.map((part, at) => [part, at === 0 ? length / 2 : each])),
  };
}

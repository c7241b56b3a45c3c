import type { DeviceOffer, DevicePlace, MadeFrom, MovementDevice, MovedChord } from '../types';
import type { Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import { fallsFifth } from '../../connect/base/place';
import { pitchClassOf, spellFrom } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import { has, isDominant } from '../kinds';
import { CHROMATIC, type Steps } from '../../voicing/stepped';
import { heldOnTop, inARow } from '../parts';

const LONG = 4;
const SHORT = 2;

/** All voices but one stay, and that one walks. Source: common practice. */
export const innerLine: MovementDevice = {
  id: 'inner line',
  label: 'Walking inner voice',
  about: 'All voices but one stay where they are, and that one walks.',
  group: 'hold and move',
  level: 1,
  offers: (place) => {
    const { chord, length } = place.here;
    if (isMinor(chord) && length >= LONG) {
      const why = 'One voice goes root, 7, ♭7, 6 while the others stay.';
      return [line('root 7 ♭7 6', why, overMinor(chord, length))];
    }
    if (isHalfDiminished(chord) && length >= SHORT) {
      const why = 'The 5 comes before the ♭5, which falls on to the root of the dominant, its 4.';
      return [line('5 ♭5 4', why, overHalfDiminished(chord, length))];
    }
    if (isDominant(chord) && !has(chord, 'b9', '#9') && length >= SHORT) {
      const why = 'On top the ♭7 goes to the 6 and back, the rest stays.';
      return [line('♭7 6 ♭7 on top', why, onTop(place)), ...intoNinth(place)];
    }
    return [];
  },
};

const line = (variant: string, why: string, chords: readonly MovedChord[]): DeviceOffer => ({
  ...{ device: 'inner line', variant, label: variant, why, covers: 1, chords },
});

const isMinor = (chord: PitchedChord): boolean => has(chord, 'b3') && has(chord, '5');
const isHalfDiminished = (chord: PitchedChord): boolean =>
  has(chord, 'b3') && has(chord, 'b5') && has(chord, 'b7');

/** The third of them, with the b7, is voiced; the others are it with that voice moved. */
const ANCHOR = 2;
const step = (only: Degree, by: number): Steps => ({ scale: CHROMATIC, by, only: [only] });
const walk = (degree: Degree, by: number, from: number): MadeFrom => ({
  kind: 'walk',
  from,
  degree,
  by,
});

const overMinor = ({ root }: PitchedChord, length: number): MovedChord[] =>
  inARow([
    [{ symbol: `${root}m`, madeFrom: walk('b7', 2, ANCHOR) }, length / 4],
    [{ symbol: `${root}m(maj7)`, madeFrom: walk('b7', 1, ANCHOR) }, length / 4],
    [{ symbol: `${root}m7`, steps: [2, 1, -1].map((by) => step('b7', by)) }, length / 4],
    [{ symbol: `${root}m6`, madeFrom: walk('b7', -1, ANCHOR) }, length / 4],
  ]);

const overHalfDiminished = ({ root, symbol }: PitchedChord, length: number): MovedChord[] =>
  inARow([
    [{ symbol: `${root}m7`, madeFrom: walk('b5', 1, 1) }, length / 2],
    [{ symbol, steps: [step('b5', 1)] }, length / 2],
  ]);

/** The b7 of a dominant on top, to its 13 and back. */
function onTop({ here: { chord, length }, window: { low, high } }: DevicePlace): MovedChord[] {
  const seventh = chord.tones.find(({ degree }) => degree === 'b7')!.note;
  const tops = Array.from({ length: high - low + 1 }, (_, at) => low + at).filter(
    (pitch) => pitchClass(pitch) === pitchClassOf(seventh),
  );
  return inARow([
    [{ symbol: chord.symbol, tops, steps: [step('b7', -1)] }, length / 2],
    [{ symbol: `${chord.root}13`, madeFrom: walk('b7', -1, 0), tied: true }, length / 4],
    [{ symbol: chord.symbol, madeFrom: walk('b7', 0, 0), tied: true }, length / 4],
  ]);
}

/** How the chord a dominant falls to is called with its ninth, by the degrees it has. */
const NINTHS: readonly (readonly [has: Degree, ending: string])[] = [
  ['7', 'maj9'],
  ['6', '6/9'],
];

/** On top 13, b13 of a dominant, then the 9 of what it falls to, each a half step lower. */
function intoNinth({ here, following: [next], window }: DevicePlace): DeviceOffer[] {
  const { chord } = here;
  if (next?.chord.kind !== 'chord' || !fallsFifth(chord, next.chord)) return [];
  const ending = NINTHS.find(([degree]) => has(next.chord as PitchedChord, degree))?.[1];
  const [pitch] = heldOnTop(spellFrom(chord.root, 5, 9), window);
  if (!ending || has(next.chord, 'b3') || pitch === undefined) return [];
  const top = (at: number) => ({ tops: [at], families: ['colour'] as const });
  const chords = inARow([
    [{ symbol: `${chord.root}13`, ...top(pitch), steps: [step('13', -1)] }, here.length / 2],
    [{ symbol: `${chord.root}7b13`, madeFrom: walk('13', -1, 0), tied: true }, here.length / 2],
    [{ symbol: `${next.chord.root}${ending}`, ...top(pitch - 2) }, next.length],
  ]);
  const why = `On top the 13 falls to the ♭13 and on to the 9 of ${next.chord.symbol}.`;
  return [{ ...line('13 ♭13 9 on top', why, chords), covers: 2 }];
}

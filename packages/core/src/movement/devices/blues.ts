import type { PitchedChord } from '../../chord/types';
import { pitchClassOf, prettyNote } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { PitchRange } from '../../voicing/base/types';
import { has, isDominant } from '../kinds';
import { inARow, type Part } from '../parts';
import type { MovementDevice } from '../types';

const isBluesDominant = (chord: PitchedChord): boolean =>
  isDominant(chord) && !has(chord, 'b9', '#9');

/** A cell of the sixth chord slid down a whole step is the ninth without its root. (Arithmetic.) */
export const sixthToNinth: MovementDevice = {
  id: 'sixth to ninth',
  label: 'Sixth sliding to the ninth',
  about: 'Three notes of the sixth chord slide down a whole step: the ninth, without its root.',
  group: 'the whole grip',
  level: 1,
  offers: ({ here: { chord, length } }) => {
    if (!isBluesDominant(chord) || length < 2) return [];
    const [sixth, ninth] = [`${chord.root}6`, `${chord.root}9`];
    const cell: Part = { symbol: sixth, madeFrom: { kind: 'slide', of: 'after', by: 2 } };
    const slid: Part = { symbol: ninth, families: ['cell'], degrees: ['9', '5', 'b7'] };
    const why = `${sixth} slid down a whole step leaves 9, 5 and ♭7 of ${ninth}.`;
    const turns = length >= 4 ? [cell, slid, cell, slid] : [cell, slid];
    const chords = inARow(turns.map((part) => [part, length / turns.length]));
    return [
      { device: 'sixth to ninth', variant: '6 to 9', label: '6 to 9', why, covers: 1, chords },
    ];
  },
};

/** Small forms of one chord, each higher than the one before. Source: common practice. */
export const cellsUp: MovementDevice = {
  id: 'cells up the neck',
  label: 'Cells up the neck',
  about: 'Three tones that still tell the chord, a different three on every beat, each higher.',
  group: 'a line',
  level: 2,
  offers: ({ here: { chord, length }, window }) => {
    if (!isBluesDominant(chord) || length < 3) return [];
    const beats = Math.min(4, Math.floor(length));
    const rising = Array.from({ length: beats }, (_, beat): Part => ({
      symbol: chord.symbol,
      families: ['cell'],
      tops: bandOf(window.high - BAND * (beats - beat)),
    }));
    const directions = [
      ['going up', rising],
      ['coming down', [...rising].reverse()],
    ] as const;
    return directions.map(([label, parts]) => ({
      device: 'cells up the neck',
      variant: label,
      label,
      why: `Any three tones with the 3 or the ♭7 still tell ${chord.symbol}.`,
      covers: 1,
      chords: inARow(parts.map((part) => [part, length / beats])),
    }));
  },
};

/** Each cell has its top in a band of its own, wide enough for a tone of any dominant, in semitones. */
const BAND = 4;
const bandOf = (under: number): number[] => Array.from({ length: BAND }, (_, at) => under + at + 1);

/** What a call is made of: steps of the blues from the root down, in semitones, an eighth each. */
const CALL = [12, 10, 7, 5];

/** A short line, answered by the chord. Source: common practice; the line is our own. */
export const callAndAnswer: MovementDevice = {
  id: 'call and answer',
  label: 'A call, and the chord answers',
  about: 'Two beats of single notes from the blues, answered by the chord.',
  group: 'a line',
  level: 2,
  offers: ({ here: { chord, length }, window }) => {
    if (!isBluesDominant(chord) || length < 4) return [];
    const from = rootUnder(chord, window);
    const call = CALL.map((above): readonly [Part, number] => [
      { symbol: chord.symbol, madeFrom: { kind: 'notes', midis: [from + above] } },
      0.5,
    ]);
    return [
      {
        device: 'call and answer',
        variant: 'root ♭7 5 4',
        label: 'root ♭7 5 4',
        why: `The line comes down the blues of ${prettyNote(chord.root)}, then ${chord.symbol} answers.`,
        covers: 1,
        chords: inARow([
          ...call,
          [{ symbol: chord.symbol }, 1],
          [{ symbol: chord.symbol }, length - 3],
        ]),
      },
    ];
  },
};

/** The root an octave under the highest root of the register. */
function rootUnder({ root }: PitchedChord, { high }: PitchRange): number {
  const top = high - pitchClass(high - pitchClassOf(root));
  return top - 12;
}

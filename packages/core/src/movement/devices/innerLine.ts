import type { MadeFrom, MovementDevice, MovedChord } from '../types';
import type { PitchedChord } from '../../chord/types';
import { has } from '../kinds';
import { CHROMATIC, type Steps } from '../../voicing/stepped';
import { inARow } from '../parts';

const LONG = 4;

/** All voices but one stay, and that one walks. Source: common practice. */
export const innerLine: MovementDevice = {
  id: 'inner line',
  label: 'Let one voice walk',
  about: 'All voices but one stay where they are, and that one walks.',
  group: 'hold and move',
  level: 1,
  offers: ({ here: { chord, length } }) => {
    if (isMinor(chord) && length >= LONG) {
      const chords = overMinor(chord, length);
      const why = 'One voice goes root, 7, ♭7, 6 while the others stay.';
      return [
        {
          device: 'inner line',
          variant: 'root 7 ♭7 6',
          label: 'root 7 ♭7 6',
          why,
          covers: 1,
          chords,
        },
      ];
    }
    if (isHalfDiminished(chord) && length >= 2) {
      const chords = overHalfDiminished(chord, length);
      const why = 'The 5 comes before the ♭5, which falls on to the root of the dominant, its 4.';
      return [{ device: 'inner line', variant: '5 ♭5 4', label: '5 ♭5 4', why, covers: 1, chords }];
    }
    return [];
  },
};

const isMinor = (chord: PitchedChord): boolean => has(chord, 'b3') && has(chord, '5');
const isHalfDiminished = (chord: PitchedChord): boolean =>
  has(chord, 'b3') && has(chord, 'b5') && has(chord, 'b7');

/** The third of them, with the b7, is voiced; the others are it with that voice moved. */
const ANCHOR = 2;
const walks = (by: number): Steps => ({ scale: CHROMATIC, by, only: 'b7' });
const walking = (by: number): MadeFrom => ({ kind: 'walk', from: ANCHOR, degree: 'b7', by });

const overMinor = ({ root }: PitchedChord, length: number): MovedChord[] =>
  inARow([
    [{ symbol: `${root}m`, madeFrom: walking(2) }, length / 4],
    [{ symbol: `${root}m(maj7)`, madeFrom: walking(1) }, length / 4],
    [{ symbol: `${root}m7`, steps: [2, 1, -1].map(walks) }, length / 4],
    [{ symbol: `${root}m6`, madeFrom: walking(-1) }, length / 4],
  ]);

const overHalfDiminished = ({ root, symbol }: PitchedChord, length: number): MovedChord[] =>
  inARow([
    [{ symbol: `${root}m7`, madeFrom: { kind: 'walk', from: 1, degree: 'b5', by: 1 } }, length / 2],
    [{ symbol, steps: [{ scale: CHROMATIC, by: 1, only: 'b5' }] }, length / 2],
  ]);

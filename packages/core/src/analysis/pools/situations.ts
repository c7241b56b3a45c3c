import type { ScaleName } from '../../chord/scales';
import type { ChordClass } from '../base/chordClass';
import type { Mode } from '../base/key';
import type { Role } from '../readings/types';

/** A scale, and in words when it fits. */
export type Offer = readonly [scale: ScaleName, when: string];

/** A situation a chord can be in; parts left out fit any. The first row that fits is taken. */
export interface Situation {
  readonly class: ChordClass;
  readonly mode?: Mode;
  readonly roles?: readonly Role[];
  /** Semitones of the root above the tonic. */
  readonly on?: readonly number[];
  readonly offers: readonly Offer[];
}

const ALTERED: Offer = ['altered', 'for most tension, when it resolves'];
export const HALF_WHOLE: Offer = ['half-whole diminished', 'with b9 and 13 together'];
const WHOLE_TONE: Offer = ['whole tone', 'with 9 and #5'];
const TO_MINOR: Offer = ['Mixolydian b9 b13', 'V of minor: fifth mode of harmonic minor'];
const LYDIAN_DOMINANT: Offer = ['Lydian b7', 'a dominant that does not fall a fifth'];
export const MIXOLYDIAN: Offer = ['Mixolydian', 'a dominant as the key has it'];

export const DOMINANT: readonly Offer[] = [
  MIXOLYDIAN,
  ['Lydian b7', 'brighter, with #11'],
  ALTERED,
  HALF_WHOLE,
  WHOLE_TONE,
  ['Mixolydian b9 b13', 'darker, as if to minor'],
  ['Mixolydian b13', 'with 9 and b13'],
];
export const DOMINANT_TO_MINOR: readonly Offer[] = [
  TO_MINOR,
  ALTERED,
  HALF_WHOLE,
  ['Mixolydian b13', 'with 9 and b13'],
  WHOLE_TONE,
];

/** Source: common practice. */
export const SITUATIONS: readonly Situation[] = [
  {
    class: 'dominant',
    roles: ['tritone substitute', 'backdoor'],
    offers: [LYDIAN_DOMINANT, ['Mixolydian', 'plainer, with 11'], HALF_WHOLE],
  },
  {
    class: 'dominant',
    roles: ['blues'],
    on: [5],
    offers: [['Lydian b7', 'IV7, with #11'], MIXOLYDIAN],
  },
  {
    class: 'dominant',
    roles: ['blues'],
    offers: [
      ['Mixolydian', 'a blues seventh at rest'],
      ['Lydian b7', 'brighter, with #11'],
    ],
  },
  {
    class: 'dominant',
    roles: ['Dorian IV'],
    offers: [MIXOLYDIAN, ['Lydian b7', 'brighter, with #11']],
  },
  {
    class: 'dominant',
    mode: 'minor',
    on: [5, 8, 10],
    roles: ['own'],
    offers: [LYDIAN_DOMINANT, MIXOLYDIAN],
  },
  { class: 'dominant', mode: 'minor', on: [7], offers: DOMINANT_TO_MINOR },
  { class: 'dominant', offers: DOMINANT },
  {
    class: 'major',
    on: [0],
    offers: [
      ['Ionian', 'the tonic; 4 is passing'],
      ['Lydian', 'with #4 in place of 4, on long notes too'],
    ],
  },
  { class: 'major', on: [7], offers: [MIXOLYDIAN, ['Ionian', 'at rest']] },
  {
    class: 'major',
    mode: 'minor',
    on: [3],
    offers: [
      ['Ionian', 'the relative major'],
      ['Lydian', 'with #4'],
    ],
  },
  {
    class: 'major',
    offers: [
      ['Lydian', 'a major chord that is not the tonic'],
      ['Ionian', 'with 4'],
    ],
  },
  {
    class: 'minor',
    mode: 'minor',
    on: [0],
    offers: [
      ['melodic minor', 'the tonic, with 6 and 7'],
      ['Dorian', 'the tonic, with 6 and b7'],
      ['Aeolian', 'with b6 and b7'],
      ['harmonic minor', 'with b6 and 7'],
    ],
  },
  {
    class: 'minor',
    roles: ['minor iv'],
    offers: [
      ['melodic minor', 'minor iv: the notes of bVII7 Lydian b7'],
      ['Dorian', 'minor iv with b7'],
    ],
  },
  { class: 'minor', roles: ['related ii'], offers: [['Dorian', 'a ii']] },
  {
    class: 'minor',
    mode: 'major',
    on: [4],
    offers: [
      ['Phrygian', 'iii, from the key'],
      ['Dorian', 'iii, when its 9 is to be held'],
    ],
  },
  {
    class: 'minor',
    mode: 'major',
    on: [9],
    offers: [
      ['Aeolian', 'vi, from the key'],
      ['Dorian', 'vi, when its 6 is to be held'],
    ],
  },
  {
    class: 'minor',
    offers: [
      ['Dorian', 'ii, or a minor chord on its way'],
      ['Aeolian', 'with b6'],
      ['melodic minor', 'with 7'],
      ['harmonic minor', 'with b6 and 7'],
      ['Phrygian', 'with b9'],
    ],
  },
  {
    class: 'half-diminished',
    offers: [
      ['Locrian', 'ii of minor'],
      ['Locrian natural 9', 'when its 9 is to be held'],
    ],
  },
  {
    class: 'diminished',
    offers: [['whole-half diminished', 'a whole step above every chord tone']],
  },
  {
    class: 'augmented',
    on: [0],
    offers: [
      ['Lydian augmented', 'the tonic with its fifth raised, and 7'],
      ['whole tone', 'with b7'],
    ],
  },
  {
    class: 'augmented',
    offers: [
      ['whole tone', 'a raised fifth'],
      ['Lydian augmented', 'with 7'],
      ['altered', 'as a V that resolves'],
    ],
  },
  {
    class: 'open',
    offers: [
      MIXOLYDIAN,
      ['Dorian', 'if its third is minor'],
      ['Ionian', 'at rest'],
      ['Phrygian', 'suspended, with b9'],
      ['Dorian b9', 'suspended, with b9 and 13'],
    ],
  },
];

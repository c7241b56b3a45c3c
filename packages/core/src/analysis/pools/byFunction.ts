import { pitchClass } from '../../base/units';
import { semitonesOf } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import type { ReadMoment } from '../readings/chartReading';
import { above } from '../readings/numeral';
import type { Role } from '../readings/types';
import type { ChordClass } from '../base/chordClass';
import { keyPitches, type Mode } from '../base/key';
import type { Pool } from '../base/types';
import { scaleSemitones, type ScaleName } from '../../chord/scales';
import { poolOf } from './scale';

type Offer = readonly [scale: ScaleName, when: string];

/** A situation a chord can be in; parts left out fit any. The first row that fits is taken. */
interface Situation {
  readonly class: ChordClass;
  readonly mode?: Mode;
  readonly roles?: readonly Role[];
  /** Semitones of the root above the tonic. */
  readonly on?: readonly number[];
  readonly offers: readonly Offer[];
}

const ALTERED: Offer = ['altered', 'for most tension, when it resolves'];
const HALF_WHOLE: Offer = ['half-whole diminished', 'with b9 and 13 together'];
const WHOLE_TONE: Offer = ['whole tone', 'with 9 and #5'];
const TO_MINOR: Offer = ['Mixolydian b9 b13', 'V of minor: fifth mode of harmonic minor'];
const LYDIAN_DOMINANT: Offer = ['Lydian b7', 'a dominant that does not fall a fifth'];
const MIXOLYDIAN: Offer = ['Mixolydian', 'a dominant as the key has it'];

const DOMINANT: readonly Offer[] = [
  MIXOLYDIAN,
  ['Lydian b7', 'brighter, with #11'],
  ALTERED,
  HALF_WHOLE,
  WHOLE_TONE,
  ['Mixolydian b9 b13', 'darker, as if to minor'],
  ['Mixolydian b13', 'with 9 and b13'],
];
const DOMINANT_TO_MINOR: readonly Offer[] = [
  TO_MINOR,
  ALTERED,
  HALF_WHOLE,
  ['Mixolydian b13', 'with 9 and b13'],
  WHOLE_TONE,
];

/** Source: common practice. */
const SITUATIONS: readonly Situation[] = [
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
    offers: [MIXOLYDIAN, ['Dorian', 'if its third is minor'], ['Ionian', 'at rest']],
  },
];

/** Applied dominants go by where they lead, not by where they stand. */
const toMinorTarget = ({ reading, class: kind }: ReadMoment): boolean =>
  kind === 'dominant' &&
  reading.role === 'applied dominant' &&
  /\/[b#]?[iv]+$/.test(reading.numeral);

/** Scales by function, the fitting ones first; each holds every tone of the chord but a natural fifth. */
export function poolsByFunction(moment: ReadMoment): Pool[] {
  const { chord } = moment;
  const offset = above(moment.key, moment.root);
  const situation = SITUATIONS.find(
    ({ class: kind, mode, roles, on }) =>
      kind === moment.class &&
      (mode === undefined || mode === moment.key.mode) &&
      (roles?.includes(moment.reading.role) ?? true) &&
      (on?.includes(offset) ?? true),
  );
  const offers = toMinorTarget(moment) ? DOMINANT_TO_MINOR : (situation?.offers ?? []);
  const fallback = moment.class === 'dominant' ? [...DOMINANT, SUSPENDED] : [];
  const all = [...offers, ...fallback.filter(([scale]) => !offers.some(([own]) => own === scale))];
  const fitting = all.filter(([scale]) => fits(scale, chord));
  const kept = fitting.length ? fitting : all.filter(([scale]) => holds(scale, chord));
  const ordered = offers[0] === MIXOLYDIAN ? byKey(kept, moment) : kept;
  return byWritten(ordered, chord).map((offer) => {
    const [scale, when] = offer;
    const said = offer === MIXOLYDIAN && outside(scale, moment) ? PLAIN_DOMINANT : when;
    return poolOf(chord.root, scale, said, 'by function');
  });
}

const PLAIN_DOMINANT = 'a plain dominant, with 9 and 13';

/** How many notes of a scale are neither in the chord nor in its key. */
function outside(scale: ScaleName, { chord, key, root }: ReadMoment): number {
  const own = new Set(chord.tones.map(({ degree }) => semitonesOf(degree)));
  const inKey = keyPitches(key);
  return scaleSemitones(scale).filter(
    (semitones) => !own.has(semitones) && !inKey.has(pitchClass(root + semitones)),
  ).length;
}

/** What a dominant may have of a key: as it is in major, as in minor, or in between. */
const OF_THE_KEY: readonly ScaleName[] = ['Mixolydian', 'Mixolydian b9 b13', 'Mixolydian b13'];

/** Of those that a dominant may have of its key, the scale that has most of the key comes first. */
function byKey(offers: readonly Offer[], moment: ReadMoment): readonly Offer[] {
  const own = offers.filter(([scale]) => OF_THE_KEY.includes(scale));
  const [first] = [...own].sort((a, b) => outside(a[0], moment) - outside(b[0], moment));
  return first ? [first, ...offers.filter((offer) => offer !== first)] : offers;
}

const SUSPENDED: Offer = ['Dorian b9', 'suspended, with b9'];

const degreesOf = ({ tones }: PitchedChord): readonly string[] => tones.map(({ degree }) => degree);

/** b9 and 13 written together ask for the half-whole scale. */
function byWritten(offers: readonly Offer[], chord: PitchedChord): readonly Offer[] {
  const written = degreesOf(chord);
  if (!(written.includes('b9') && written.includes('13'))) return offers;
  return [...offers].sort(
    (a, b) => Number(b[0] === HALF_WHOLE[0]) - Number(a[0] === HALF_WHOLE[0]),
  );
}

/** A natural fifth may be missing: on a dominant the altered scale takes its place. */
function holds(scale: ScaleName, { tones }: PitchedChord): boolean {
  const semitones = scaleSemitones(scale);
  return tones.every(({ degree }) => degree === '5' || semitones.includes(semitonesOf(degree)));
}

/** Holds every tone and says nothing the symbol contradicts: no 9 beside a written b9, no 5 beside #5. */
function fits(scale: ScaleName, chord: PitchedChord): boolean {
  if (!holds(scale, chord)) return false;
  const semitones = scaleSemitones(scale);
  const written = degreesOf(chord);
  const alteredFifth = !written.includes('5') && written.some((d) => d === '#5' || d === 'b5');
  const alteredNinth = written.some((degree) => degree === 'b9' || degree === '#9');
  if (alteredFifth && semitones.includes(7)) return false;
  return !(alteredNinth && semitones.includes(2));
}

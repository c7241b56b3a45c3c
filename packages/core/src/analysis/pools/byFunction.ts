import { pitchClass } from '../../base/units';
import { semitonesOf } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import type { ReadMoment } from '../readings/chartReading';
import { above } from '../readings/numeral';
import { keyPitches } from '../base/key';
import type { Pool } from '../base/types';
import { scaleSemitones, type ScaleName } from '../../chord/scales';
import { poolOf } from './scale';
import {
  DOMINANT,
  DOMINANT_TO_MINOR,
  HALF_WHOLE,
  MIXOLYDIAN,
  SITUATIONS,
  type Offer,
} from './situations';

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
  const held = fitting.length ? fitting : all.filter(([scale]) => holds(scale, chord));
  const kept = held.length ? held : byTones(moment);
  const ordered = offers[0] === MIXOLYDIAN ? byKey(kept, moment) : kept;
  return byWritten(byFifth(ordered, moment), chord).map((offer) => {
    const [scale, when] = offer;
    const said = offer === MIXOLYDIAN && outside(scale, moment) ? PLAIN_DOMINANT : when;
    return poolOf(chord.root, scale, said, 'by function');
  });
}

/** Scales of seven and eight notes, for chords that no function expects. */
const WHOLE_SCALES: readonly ScaleName[] = [
  ...(['Ionian', 'Lydian', 'Mixolydian', 'Dorian', 'Aeolian', 'Phrygian', 'Locrian'] as const),
  ...(['melodic minor', 'harmonic minor', 'Lydian augmented', 'Lydian b7'] as const),
  ...(['Mixolydian b13', 'Mixolydian b9 b13', 'Locrian natural 9', 'altered'] as const),
  ...(['whole-half diminished', 'half-whole diminished'] as const),
];
const MOST_BY_TONES = 2;

/** For a chord that is strange where it stands: the scales that hold it, those with most of the key first. */
const byTones = (moment: ReadMoment): readonly Offer[] =>
  WHOLE_SCALES.filter((scale) => holds(scale, moment.chord))
    .map((scale): Offer => [scale, 'it has every tone of the chord'])
    .sort((a, b) => outside(a[0], moment) - outside(b[0], moment))
    .slice(0, MOST_BY_TONES);

const FIFTH = 7;
/** Written beside a natural fifth, which stays; a #9 is mostly heard as one of several alterations. */
const BESIDE_FIFTH: readonly string[] = ['b9', '#11', 'b13'];

/** Where the symbol keeps its natural fifth beside an alteration, a scale that has it comes first. */
function byFifth(offers: readonly Offer[], moment: ReadMoment): readonly Offer[] {
  const written = degreesOf(moment.chord);
  const keeps = written.includes('5') && written.some((each) => BESIDE_FIFTH.includes(each));
  const has = ([scale]: Offer): boolean => scaleSemitones(scale).includes(FIFTH);
  if (!keeps || written.includes('#9') || !offers[0] || has(offers[0])) return offers;
  const [first] = offers.filter(has).sort((a, b) => outside(a[0], moment) - outside(b[0], moment));
  return first ? [first, ...offers.filter((offer) => offer !== first)] : offers;
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

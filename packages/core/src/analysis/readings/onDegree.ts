import { semitonesOf } from '../../chord/degrees';
import { pitchClass } from '../../base/units';
import { FOREIGN_COLOUR, FOREIGN_TONE, ON_DEGREES, SCALE_OF_MODE } from './data';
import { isTwo } from './moment';
import { above, numeralOf } from './numeral';
import type { ChordSurroundings, ReadingRule } from './types';

const BODY = ['R', 'b3', '3', 'b5', '5', '6', 'b7', '7'];

/** The rows of the table by mode, class and degree: asked for every chord in every key. */
const ROWS = new Map(
  (['major', 'minor'] as const).flatMap((mode) =>
    ON_DEGREES[mode].map((row) => [`${mode} ${row[1]} ${row[0]}`, row] as const),
  ),
);

/** The chord as one of the key's own, or as one commonly borrowed. */
export const onDegree: ReadingRule = (place) => {
  const { key, now } = place;
  const row = ROWS.get(`${key.mode} ${now.class} ${above(key, now.root)}`);
  if (!row) return [];
  const [, , part, cost, role, reason] = row;
  const numeral = numeralOf(key, now);
  if (role === 'blues' && isBluesSeventh(place)) {
    const atHome = 'a blues seventh, at home in this form';
    return [{ numeral, function: part, role, cost: 0, reason: atHome }];
  }
  if (isDorianFour(place)) {
    const reason = 'IV7 of Dorian, between i and i';
    return [{ numeral, function: part, role: 'Dorian IV', cost: 0, reason }];
  }
  if (isTurnaroundOfMajors(place)) {
    const reason = 'round to the tonic in major sevenths, by fifths and a half step';
    return [{ numeral, function: part, role, cost: TURNAROUND, reason }];
  }
  const extra = (role === 'own' ? foreign(place) : 0) + (isStrange(place) ? STRANGE : 0);
  return [{ numeral, function: part, role, cost: cost + extra, reason }];
};

/** In a major blues I7 and IV7 are at home, unless their own ii has just made them a V. */
function isBluesSeventh({ key, now, before, blues }: ChordSurroundings): boolean {
  const prepared = before && isTwo(before) && before.root === pitchClass(now.root + 7);
  return blues && key.mode === 'major' && !prepared;
}

/** bIII, bVI and bII, each falling to the next and the last to I. */
function isTurnaroundOfMajors({ key, now, next, afterNext }: ChordSurroundings): boolean {
  const are = (...degrees: readonly number[]): boolean =>
    [now, next, afterNext].every(
      (moment, at) =>
        degrees[at] === undefined ||
        (moment?.class === 'major' && above(key, moment.root) === degrees[at]),
    );
  return key.mode === 'major' && (are(3, 8, 1) || are(8, 1, 0) || are(1, 0));
}
const TURNAROUND = 8;

/** A major seventh on I says major, where a triad may end a tune in minor; one on V is at rest and no V. */
const isStrange = ({ key, now }: ChordSurroundings): boolean =>
  key.mode === 'minor' &&
  [0, 7].includes(above(key, now.root)) &&
  now.class === 'major' &&
  now.chord.tones.some(({ degree }) => degree === '7');
const STRANGE = 20;

/** i7 and IV7 in turn, as a vamp has them. */
function isDorianFour({ key, now, before, next }: ChordSurroundings): boolean {
  const isOne = (moment: ChordSurroundings['before']): boolean =>
    moment?.class === 'minor' && moment.root === key.tonic;
  const isFour = key.mode === 'minor' && now.class === 'dominant' && above(key, now.root) === 5;
  return isFour && isOne(before) && isOne(next);
}

/** Tones the key does not have: Cmaj7 is no V, Am6 no vi of C, and a colour from outside counts too. */
function foreign({ key, now }: ChordSurroundings): number {
  if (now.class !== 'major' && now.class !== 'minor') return 0;
  const scale = SCALE_OF_MODE[key.mode];
  return now.chord.tones
    .filter(({ degree }) => !scale.includes(pitchClass(now.root + semitonesOf(degree) - key.tonic)))
    .reduce((sum, { degree }) => sum + (BODY.includes(degree) ? FOREIGN_TONE : FOREIGN_COLOUR), 0);
}

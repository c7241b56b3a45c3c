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
  const extra = role === 'own' ? foreign(place) : 0;
  return [{ numeral, function: part, role, cost: cost + extra, reason }];
};

/** In a major blues I7 and IV7 are at home, unless their own ii has just made them a V. */
function isBluesSeventh({ key, now, before, blues }: ChordSurroundings): boolean {
  const prepared = before && isTwo(before) && before.root === pitchClass(now.root + 7);
  return blues && key.mode === 'major' && !prepared;
}

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

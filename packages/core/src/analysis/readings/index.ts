import { appliedDominant, relatedTwo, tritoneSubstitute } from './applied';
import { backdoor } from './backdoor';
import { UNEXPLAINED } from './data';
import { steppingDiminished } from './diminished';
import { numeralOf } from './numeral';
import { onDegree } from './onDegree';
import type { ChordSurroundings, Reading, ReadingRule } from './types';

/** Every way of hearing; a new one is a line here. Earlier ones win where costs are level. */
const RULES: readonly ReadingRule[] = [
  onDegree,
  appliedDominant,
  tritoneSubstitute,
  relatedTwo,
  backdoor,
  steppingDiminished,
];

/** All readings of a chord in a key, the best first; at least one, however far it is fetched. */
export function readingsOf(place: ChordSurroundings): Reading[] {
  const readings = RULES.flatMap((rule) => rule(place));
  readings.push({
    numeral: numeralOf(place.key, place.now),
    function: 'passing',
    role: 'unexplained',
    cost: UNEXPLAINED,
    reason: 'comes from outside the key',
  });
  return readings.sort((a, b) => a.cost - b.cost);
}

import { above, numeralOf } from './numeral';
import type { Moment } from '../base/moments';
import type { Key } from '../base/key';
import type { ReadingRule } from './types';

const RESOLVES = 4;

/** Where a backdoor leads: the tonic, or iii or vi in its place. */
const isHome = (key: Key, moment: Moment | undefined): boolean => {
  if (!moment) return false;
  const offset = above(key, moment.root);
  return offset === 0 || ((offset === 4 || offset === 9) && moment.class === 'minor');
};

/** iv and bVII7 are one harmony on two roots, and go home by the backdoor. */
export const backdoor: ReadingRule = ({ key, now, next, afterNext }) => {
  if (key.mode !== 'major') return [];
  const offset = above(key, now.root);
  const numeral = numeralOf(key, now);
  if (offset === 10 && now.class === 'dominant' && isHome(key, next)) {
    const reason = 'bVII7 stands in for V and goes home by the backdoor';
    return [{ numeral, function: 'dominant', role: 'backdoor', cost: RESOLVES, reason }];
  }
  const toSeventh = next?.class === 'dominant' && above(key, next.root) === 10;
  if (offset === 5 && now.class === 'minor' && (isHome(key, next) || toSeventh)) {
    const reason = toSeventh
      ? 'minor iv, one harmony with the bVII7 that follows'
      : 'minor iv, borrowed from the parallel minor, goes home';
    const cost = isHome(key, toSeventh ? afterNext : next) ? RESOLVES : RESOLVES + 2;
    return [{ numeral, function: 'predominant', role: 'minor iv', cost, reason }];
  }
  return [];
};

import { pitchClass } from '../../base/units';
import { suffixOf } from '../base/chordClass';
import { TARGETS } from './data';
import type { Moment } from '../base/moments';
import { isDominant, isTwo, upFrom } from './moment';
import { above, degreeName } from './numeral';
import type { ChordSurroundings, Reading, ReadingRule } from './types';

const RESOLVES = 4;
/** The target's own ii, or the target as a minor chord, comes in between: D7, Dm7, G7. */
const DEFERRED = 8;
const UNRESOLVED = 15;
/** In a chain of dominants each falls to the next, whatever degree that stands on. */
const IN_CHAIN = 8;
/** A dominant is named from where it came: after its own dominant it is no substitute for a later one. */
const REACHED_FROM_ITS_FIVE = 12;
/** With its own ii before it, a substitute is heard as one before what it stands in for has come. */
const AFTER_ITS_TWO = -3;
/** A plain triad is only heard as a dominant when it resolves. */
const TRIAD = 6;

/** How near a dominant comes to its target, in cost; `undefined` when it does not at all. */
function arrival({ next, afterNext }: ChordSurroundings, target: number): number | undefined {
  if (!next) return undefined;
  if (next.root === target) return RESOLVES;
  const own = isTwo(next) && next.root === pitchClass(target + 7);
  const reached = afterNext && (afterNext.root === target || afterNext.root === next.root);
  return own && reached ? DEFERRED : undefined;
}

/** V of a degree other than I: it falls a fifth to its target, at once or after the target's ii. */
export const appliedDominant: ReadingRule = (place) => {
  const { key, now } = place;
  const target = pitchClass(now.root + 5);
  const chained = place.next?.root === target && place.next.class === 'dominant';
  const home = above(key, target) === 0;
  const known = TARGETS[key.mode][above(key, target)];
  const extra = known ?? (chained && !home ? IN_CHAIN : undefined);
  const triad = now.class === 'major' && !suffixOf(now.chord, 'major');
  if (extra === undefined || !(isDominant(now) || triad)) return [];
  const arrives = arrival(place, target);
  if (triad && arrives !== RESOLVES) return [];
  const name = degreeName(key, target);
  const numeral = `V${suffixOf(now.chord, now.class)}/${name}`;
  const cost = (arrives ?? UNRESOLVED) + extra + (triad ? TRIAD : 0);
  const reason =
    arrives === undefined
      ? `V of ${name}, which does not follow`
      : `V of ${name}, falls a fifth to it`;
  return [{ numeral, function: 'dominant', role: 'applied dominant', cost, reason }];
};

/** A dominant that falls a half step: it stands in for the dominant a tritone away. */
export const tritoneSubstitute: ReadingRule = (place) => {
  const { key, now } = place;
  if (now.class !== 'dominant') return [];
  const target = pitchClass(now.root - 1);
  const home = above(key, target) === 0;
  const extra = home ? 0 : TARGETS[key.mode][above(key, target)];
  const arrives = arrival(place, target);
  if (extra === undefined || arrives === undefined) return [];
  const came = home || !place.before ? 0 : reachedFrom(place.before, now);
  const name = degreeName(key, target);
  const numeral = `subV${suffixOf(now.chord, now.class)}${home ? '' : `/${name}`}`;
  const reason = `stands in for V of ${name} and falls a half step to it`;
  return [
    {
      numeral,
      function: 'dominant',
      role: 'tritone substitute',
      cost: arrives + 2 + extra + came,
      reason,
    },
  ];
};

/** What a substitute costs or gains by the chord it is reached from. */
function reachedFrom(before: Moment, now: Moment): number {
  if (upFrom(before, now) !== 5) return 0;
  if (before.class === 'dominant') return REACHED_FROM_ITS_FIVE;
  return isTwo(before) ? AFTER_ITS_TWO : 0;
}

/** The minor or half-diminished chord a fifth above a dominant that is itself applied or a substitute. */
export const relatedTwo: ReadingRule = (place) => {
  const { key, now, next, afterNext } = place;
  if (!isTwo(now) || next?.class !== 'dominant') return [];
  const readings: Reading[] = [];
  const add = (target: number, cost: number, of: string): void => {
    const numeral = `ii${suffixOf(now.chord, now.class)}/${of}`;
    const reason = `the ii that goes with the V of ${degreeName(key, target)}`;
    readings.push({ numeral, function: 'predominant', role: 'related ii', cost, reason });
  };
  const afterFifth = pitchClass(next.root + 5);
  const extra = TARGETS[key.mode][above(key, afterFifth)];
  if (next.root === pitchClass(now.root + 5) && extra !== undefined) {
    add(afterFifth, (now.class === 'half-diminished' ? 1 : 5) + extra, degreeName(key, afterFifth));
  }
  const afterStep = pitchClass(next.root - 1);
  const known =
    above(key, afterStep) === 0 || TARGETS[key.mode][above(key, afterStep)] !== undefined;
  const arrives = afterNext?.root === afterStep || afterNext?.root === pitchClass(afterStep + 7);
  if (next.root === pitchClass(now.root + 5) && known && arrives) {
    const home = above(key, afterStep) === 0;
    add(afterStep, 7, home ? 'subV' : `subV/${degreeName(key, afterStep)}`);
  }
  return readings;
};

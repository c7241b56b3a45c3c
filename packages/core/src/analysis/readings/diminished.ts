import { pitchClass } from '../../base/units';
import { suffixOf } from '../base/chordClass';
import { FALLING_ROMAN, RISING_ROMAN, TARGETS } from './data';
import { above, degreeName, numeralOf } from './numeral';
import type { ChordSurroundings, Reading, ReadingRule } from './types';

const PASSES = 4;
const COMMON_TONE = 5;
const LEADING = 7;

/**
 * Diminished chords that lead by step or share a note. Going up they are the leading tone of the next
 * chord (V7b9 without its root), going down they pass between two chords a whole step apart; with the
 * root of a neighbour as their own they only dress it up. Source: common practice.
 */
export const steppingDiminished: ReadingRule = (place) => {
  if (place.now.class !== 'diminished') return [];
  return [...rising(place), ...falling(place), ...commonTone(place)];
};

function rising({ key, now, next }: ChordSurroundings): Reading[] {
  if (next?.root !== pitchClass(now.root + 1)) return [];
  const offset = above(key, now.root);
  const passing: Reading = {
    numeral: numeralOf(key, now, RISING_ROMAN[offset]),
    function: 'passing',
    role: 'passing diminished',
    cost: PASSES,
    reason: 'passes up by half step into the next chord',
  };
  if (TARGETS[key.mode][above(key, next.root)] === undefined) return [passing];
  const name = degreeName(key, next.root);
  const leading: Reading = {
    numeral: `vii${suffixOf(now.chord, now.class)}/${name}`,
    function: 'dominant',
    role: 'applied dominant',
    cost: LEADING,
    reason: `V7b9 of ${name} without its root`,
  };
  return [passing, leading];
}

/** The bass counts: Ebdim7 may pass to Dm7, or to G7 over D. */
function falling({ key, now, next }: ChordSurroundings): Reading[] {
  const target = pitchClass(now.root - 1);
  if (next?.root !== target && next?.bass !== target) return [];
  return [
    {
      numeral: numeralOf(key, now, FALLING_ROMAN[above(key, now.root)]),
      function: 'passing',
      role: 'passing diminished',
      cost: PASSES,
      reason: 'passes down by half step into the next chord',
    },
  ];
}

function commonTone({ key, now, before, next }: ChordSurroundings): Reading[] {
  const shares = next?.root === now.root || before?.root === now.root;
  const fromFour = above(key, now.root) === 6 && (next && above(key, next.root)) === 0;
  if (!shares && !fromFour) return [];
  return [
    {
      numeral: numeralOf(key, now),
      function: 'passing',
      role: shares ? 'common-tone diminished' : 'passing diminished',
      cost: COMMON_TONE,
      reason: shares
        ? 'shares its root with its neighbour, which it only dresses up'
        : 'rises from IV and falls back to I',
    },
  ];
}

/**
 * What keys cost: the prices of the search in keys.ts and the tables it is run on.
 */
import { isSameKey, keyDistance, keysFrom, type Key } from '../base/key';
import { pitchClass } from '../../base/units';
import type { Moment } from '../base/moments';
import type { KeyChain, RoundHome } from './keyChains';
import type { Reading } from './types';

/** What changing the key costs, and for each step on the circle of fifths. */
const CHANGE = 24;
const CHANGE_STEP = 2;
/** So it is called for: from one key of a chain of ii–V–Is to the next. */
const CHAIN_STEP = 2;
/** A stretch that is long but never reaches its tonic; less where the header names that key. */
const NO_TONIC = 36;
const NO_TONIC_AT_HOME = 14;
/** A stretch at the end of the chart that is neither long nor has its tonic. */
const CUT_SHORT = 16;
/** The chart begins or ends in another key than its header says; half for the relative key. */
const NOT_HOME = 16;
/** A key goes unconfirmed for so many chords at most; four bars seldom hold more. */
export const OLDEST = 24;

/** Standings of a stretch: ages 0 to OLDEST-1 unconfirmed, then these two. */
export const BY_LENGTH = OLDEST;
export const BY_TONIC = OLDEST + 1;
export const STANDINGS = OLDEST + 2;
export const COUNT = 24;
export const STATES = COUNT * STANDINGS;
/** Far above any total, and sums of a few of these still fit 32 bits. */
export const UNREACHABLE = 2 ** 28;

/** From each position to each; the same from whatever pitch the keys are counted. */
const changeCost = Int32Array.from(
  keysFrom(pitchClass(0)).flatMap((from, _, keys) =>
    keys.map((to) => (from === to ? UNREACHABLE : CHANGE + CHANGE_STEP * keyDistance(from, to))),
  ),
);
export const POSITIONS = Array.from({ length: COUNT }, (_, position) => position);

export interface KeyProblem {
  /** In the order of `keysFrom`. */
  readonly keys: readonly Key[];
  readonly moments: readonly Moment[];
  /** For each moment, its best reading in each of the 24 keys. */
  readonly readings: readonly (readonly Reading[])[];
  /** Quarters in four bars. */
  readonly fourBars: number;
  readonly home: Key | undefined;
  /** Where the key moves as in a chain of ii–V–Is, which makes the change a small step. */
  readonly chains: readonly KeyChain[];
  /** Where the last ii–V leads home: it begins the home key again, which the tonic at the top confirms. */
  readonly roundHome?: RoundHome | undefined;
}

/** A chord that stays counts once for every two bars: eight bars of one chord are a place of their own. */
export const weightOf = ({ at, end }: Moment, fourBars: number): number =>
  Math.max(1, Math.floor((2 * (end - at)) / fourBars));

/** Every moment's costs are the same ones, but for the steps of chains and the way home at the end. */
export function changesOf({ keys, moments, chains, roundHome }: KeyProblem): Int32Array[] {
  const rows = moments.map(() => changeCost);
  const place = (key: Key): number => positionOf(keys, key);
  if (roundHome) {
    const to = place(roundHome.key);
    rows[roundHome.at] = changeCost.map((cost, step) =>
      step % COUNT === to && cost < UNREACHABLE ? CHAIN_STEP : cost,
    );
  }
  for (const { links } of chains) {
    links.slice(1).forEach((link, index) => {
      const from = links[index]!;
      const step = place(from.key) * COUNT + place(link.key);
      for (let at = from.one + 1; at <= link.at; at += 1) {
        if (rows[at] === changeCost) rows[at] = changeCost.slice();
        rows[at]![step] = CHAIN_STEP;
      }
    });
  }
  return rows;
}

const positionOf = (keys: readonly Key[], key: Key): number =>
  keys.findIndex((each) => isSameKey(each, key));

export const notHome = ({ keys, home }: KeyProblem, position: number): number => {
  const key = keys[position]!;
  if (!home || isSameKey(home, key)) return 0;
  return keyDistance(key, home) === 0 ? NOT_HOME / 2 : NOT_HOME;
};

/** For each key, what a stretch in it costs that never reaches its tonic. */
export const noTonicCosts = ({ keys, home }: KeyProblem): Int32Array =>
  Int32Array.from(keys, (key) => (home && isSameKey(home, key) ? NO_TONIC_AT_HOME : NO_TONIC));

/** What leaving a stretch in this standing costs; unconfirmed ones may not be left. @param noTonic of its key */
export const leaveCost = (standing: number, noTonic: number): number =>
  standing === BY_TONIC ? 0 : standing === BY_LENGTH ? noTonic : UNREACHABLE;

export function endCost(problem: KeyProblem, noTonic: Int32Array, state: number): number {
  const standing = state % STANDINGS;
  const position = Math.floor(state / STANDINGS);
  const { keys, roundHome } = problem;
  if (roundHome && isSameKey(keys[position]!, roundHome.key)) return notHome(problem, position);
  const cut = standing < OLDEST ? CUT_SHORT : leaveCost(standing, noTonic[position]!);
  return cut + notHome(problem, position);
}

export function oldestAges({ moments, fourBars }: KeyProblem): Int32Array {
  return Int32Array.from(moments, ({ end }, at) => {
    let age = 0;
    while (age < OLDEST && end - (moments[at - age]?.at ?? -Infinity) < fourBars) age += 1;
    return age - 1;
  });
}

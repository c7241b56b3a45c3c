/**
 * ii–V–Is in one key after another, each moved from the last by the same interval: heard as that chain,
 * every tonic as I of its own key. Source: common practice.
 */
import { pitchClass } from '../../base/units';
import { isSameKey, type Key } from '../base/key';
import type { Moment } from '../base/moments';
import { isDominant, isTwo, upFrom } from './moment';
import { twoFivesOf, type TwoFive } from './twoFives';

/** One key of a chain. */
export interface KeyLink {
  readonly key: Key;
  /** Position of its ii among the moments, or of its I where the chain begins with that; and of its I. */
  readonly at: number;
  readonly one: number;
}

export interface KeyChain {
  readonly links: readonly KeyLink[];
  /** Semitones up from each tonic to the next, 1..11. */
  readonly move: number;
}

/** From an I to the next ii: so many bars at most, and so many chords between. */
const MOST_BARS_BETWEEN = 4;
const MOST_CHORDS_BETWEEN = 3;
/** By a fourth or a fifth, two keys are one key and its neighbour. */
const NEIGHBOURS = [5, 7];

/**
 * The chains of ii–V–Is among some chords, in order. Two ii–V–Is make one, or three where they move by a
 * fourth or a fifth; a tonic before the first of them is its first key where it lies as far away.
 * @param bar quarters in a bar
 */
export function keyChainsOf(moments: readonly Moment[], bar: number): KeyChain[] {
  const links = linksOf(moments, bar);
  const chains = chained(moments, links, bar).filter(isChain).map(withBefore(moments));
  return [...chains, ...chainsOfFiveOnes(moments, links, bar)];
}

/**
 * Three keys or more that a bare V–I leads to, each as far from the last as that from the one before: B, G and E flat; and
 * what goes to and fro among them.
 */
function chainsOfFiveOnes(
  moments: readonly Moment[],
  twoFives: readonly KeyLink[],
  bar: number,
): KeyChain[] {
  const bare = fiveOnesOf(moments).filter(({ one }) => twoFives.every((link) => link.one !== one));
  const links = [...twoFives, ...bare].sort((a, b) => a.one - b.one);
  const chains = chained(moments, links, bar)
    .filter(({ length }) => length > 1)
    .map(withBefore(moments))
    .filter((chain) => !NEIGHBOURS.includes(chain.move))
    .filter((chain) => chain.links.some((link) => bare.includes(link)));
  const long = chains.filter((chain) => chain.links.length > 2);
  const isAmong = ({ key }: KeyLink): boolean =>
    long.some((chain) => chain.links.some((link) => isSameKey(link.key, key)));
  return chains.filter((chain) => chain.links.every(isAmong));
}

/** Every V that falls to a major I. */
const fiveOnesOf = (moments: readonly Moment[]): KeyLink[] =>
  moments.slice(1).flatMap((one, at) => {
    const five = moments[at]!;
    const falls = isDominant(five) && one.class === 'major' && upFrom(five, one) === 5;
    return falls ? [{ key: keyOfOne(one), at, one: at + 1 }] : [];
  });

/** Links that follow each other by one interval. */
function chained(moments: readonly Moment[], links: readonly KeyLink[], bar: number): KeyLink[][] {
  const chains: KeyLink[][] = [];
  for (const link of links) {
    const chain = chains.at(-1);
    const last = chain?.at(-1);
    const follows = last && goesOn(moments, last, link, bar);
    if (chain && follows && movesLike(chain, link)) chain.push(link);
    else chains.push(follows && chain && chain.length > 1 ? [last, link] : [link]);
  }
  return chains;
}

const withBefore =
  (moments: readonly Moment[]) =>
  (links: readonly KeyLink[]): KeyChain => {
    const move = moveOf(links[0]!, links[1]!);
    return { links: [...before(moments, links[0]!, move), ...links], move };
  };

/** From the tonic that stands before a chain to its first key, where the chain comes back to that: C, B, C. */
export const waysOut = (moments: readonly Moment[], chains: readonly KeyChain[]): KeyChain[] =>
  chains.flatMap(({ links }) => {
    const [first, last] = [links[0]!, links.at(-1)!];
    const [out] = before(moments, first, moveOf(last, first));
    return out && isSameKey(out.key, last.key)
      ? [{ links: [out, first], move: moveOf(out, first) }]
      : [];
  });

/** A ii–V at the end of a chorus that leads home round to the top. */
export interface RoundHome {
  readonly key: Key;
  /** Position of its ii among the moments. */
  readonly at: number;
}

/**
 * The ii–V at the end of some chords whose I is the first of them, or that begins them too; nothing where its I is not the
 * tonic of the key the header names or, where it names none, no major chord.
 * @param bar quarters in a bar
 */
export function roundHomeOf(
  moments: readonly Moment[],
  bar: number,
  header: Key | undefined,
): RoundHome | undefined {
  const pairs = twoFivesOf(moments, bar);
  const pair = pairs.at(-1);
  if (!pair || pair.next < moments.length || belongsBefore(pair)) return undefined;
  const one = pair.one ?? (isAgain(pair, pairs[0]!) ? pairs[0]!.one : undefined);
  if (!one) return undefined;
  const key = keyOfOne(one);
  const isHome = header ? isSameKey(header, key) : key.mode === 'major';
  return isHome ? { key, at: pair.at } : undefined;
}

/** Whether the last ii–V is the one at the top. */
const isAgain = (last: TwoFive, top: TwoFive): boolean =>
  top.at === 0 && last.at > 0 && top.two.root === last.two.root && top.five.root === last.five.root;

/** Every ii–V–I that comes to rest, not round the end of the chorus. */
const linksOf = (moments: readonly Moment[], bar: number): KeyLink[] => {
  const pairs = twoFivesOf(moments, bar);
  return pairs.flatMap((pair, index) => {
    const { one, at, next } = pair;
    if (!one || next >= moments.length || isTwoOf(pairs[index + 1], next)) return [];
    if (belongsBefore(pair)) return [];
    return [{ key: keyOfOne(one), at, one: next }];
  });
};

/** Fm7 Bb7 Amaj7: the pair is that of E flat, and only its end turns it to A. */
const belongsBefore = ({ two, five, substitute }: TwoFive): boolean =>
  substitute && upFrom(two, five) === 5;

/** An i that is itself the ii of the next pair is a step, not a place to rest. */
const isTwoOf = (pair: TwoFive | undefined, moment: number): boolean => pair?.at === moment;

const keyOfOne = (one: Moment): Key => ({
  tonic: one.root,
  mode: isTwo(one) ? 'minor' : 'major',
});

function goesOn(moments: readonly Moment[], from: KeyLink, to: KeyLink, bar: number): boolean {
  const waits = moments[to.at]!.at - moments[from.one]!.at;
  const between = to.at - from.one - 1;
  const moves = moveOf(from, to) !== 0 && from.key.mode === to.key.mode;
  return moves && between <= MOST_CHORDS_BETWEEN && waits <= MOST_BARS_BETWEEN * bar;
}

const moveOf = (from: KeyLink, to: KeyLink): number => pitchClass(to.key.tonic - from.key.tonic);

function movesLike(chain: readonly KeyLink[], link: KeyLink): boolean {
  const [first, second] = chain;
  return !second || moveOf(first!, second) === moveOf(chain.at(-1)!, link);
}

const isChain = ([first, second, third]: readonly KeyLink[]): boolean =>
  !!first && !!second && (!!third || !NEIGHBOURS.includes(moveOf(first, second)));

/** The tonic that a chain sets out from, where it stands right before it. */
function before(moments: readonly Moment[], first: KeyLink, move: number): KeyLink[] {
  const one = moments[first.at - 1];
  if (!one || (one.class !== 'major' && one.class !== 'minor')) return [];
  const link: KeyLink = { key: keyOfOne(one), at: first.at - 1, one: first.at - 1 };
  return link.key.mode === first.key.mode && moveOf(link, first) === move ? [link] : [];
}

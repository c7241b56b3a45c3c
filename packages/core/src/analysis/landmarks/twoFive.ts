import { quartersInBar } from '../../chart/meter';
import { prettyNote, spellFrom } from '../../pitch/spelling';
import type { ChartReading, ReadMoment } from '../readings/chartReading';
import { isDominant, isTwo } from '../readings/moment';
import type { Landmark } from '../base/types';
import {
  inWords,
  landmark,
  moveInWords,
  nameOfRoot,
  prettySymbol,
  upFrom,
  type LandmarkFinder,
} from './landmark';

/** A ii and its V next to one another; the V may be the one a tritone away. */
export interface TwoFive {
  readonly two: ReadMoment;
  readonly five: ReadMoment;
  /** The I, where it follows. */
  readonly one: ReadMoment | undefined;
  readonly substitute: boolean;
  /** Position of the ii among the moments, and of what follows the V. */
  readonly at: number;
  readonly next: number;
}

/** A chord in a ii–V lasts two bars at the most; longer ones are places, not steps. */
const LONGEST_BARS = 2;

const isShort = (moment: ReadMoment, bar: number): boolean =>
  moment.end - moment.at <= LONGEST_BARS * bar;

/** Every ii–V of the chart, in order. The I of the last may be the first chord: a chorus goes round. */
export function twoFives({ moments, chart }: ChartReading): TwoFive[] {
  const bar = quartersInBar(chart.meter);
  return moments.flatMap((two, at): TwoFive[] => {
    const five = moments[at + 1];
    const fits = five && isTwo(two) && isDominant(five) && isShort(two, bar);
    if (!fits || !isShort(five, bar)) return [];
    const end = lastOfFive(moments, at + 1);
    const one = moments[end + 1] ?? (moments.length > 3 ? moments[0] : undefined);
    const pair = { two, five: moments[end]!, at, next: end + 1 };
    const falls = one && upFrom(five, one) === 5 && isOne(one);
    const slides = one && upFrom(five, one) === 11 && isOne(one);
    switch (upFrom(two, five)) {
      case 11:
        return slides ? [{ ...pair, one, substitute: true }] : [];
      case 5:
        return [{ ...pair, one: falls || slides ? one : undefined, substitute: !!slides }];
      default:
        return [];
    }
  });
}

/** A V may change its colour before it goes on: G7sus4, G7b9. */
function lastOfFive(moments: readonly ReadMoment[], at: number): number {
  let end = at;
  while (isSameFive(moments[at]!, moments[end + 1])) end += 1;
  return end;
}

const isSameFive = (five: ReadMoment, after: ReadMoment | undefined): boolean =>
  !!after && after.root === five.root && isDominant(after);

/** What a V comes to rest on: a dominant or a diminished chord goes on instead. */
const isOne = ({ class: kind, reading }: ReadMoment): boolean =>
  kind === 'major' || kind === 'minor' || kind === 'open' || reading.role === 'blues';

/** ii–V–I in major and minor, and ii–Vs that go somewhere else. Minor iv and its bVII7 are no ii–V. */
export const findTwoFives: LandmarkFinder = (tune) => {
  const pairs = twoFives(tune);
  return pairs
    .filter(({ five }) => five.reading.role !== 'backdoor')
    .map((pair, at) => {
      const next = pairs[(at + 1) % pairs.length];
      if (!pair.one) return elsewhere(pair, tune.moments[pair.next]);
      // A chord that is itself the ii of the next pair is a step, not a place to rest.
      return pair.one === next?.two ? elsewhere(pair, pair.one) : toOne(pair, pair.one);
    });
};

function toOne({ two, five, substitute }: TwoFive, target: ReadMoment): Landmark {
  const minor = target.class === 'minor';
  const roman = minor ? 'i' : 'I';
  const names = substitute ? `ii–subV–${roman}` : `ii–V–${roman}`;
  const round = target.at < two.at ? ', round to the top' : '';
  const label = `${names} in ${nameOfRoot(target)} ${minor ? 'minor' : 'major'}${round}`;
  if (round) return landmark('ii–V–I', label, two, five);
  return landmark('ii–V–I', label, two, target, 'arrives');
}

/** A ii–V by the key it points to, minor where its ii is half-diminished, and where it goes. */
function elsewhere({ two, five, one }: TwoFive, next: ReadMoment | undefined): Landmark {
  const mode = two.class === 'half-diminished' ? 'minor' : 'major';
  const target = prettyNote(spellFrom(five.chord.root, 3, 5));
  const on = next ? `, on to ${prettySymbol(next.chord.symbol)}` : '';
  const label = one
    ? `ii–V to ${prettySymbol(one.chord.symbol)}`
    : `ii–V of ${target} ${mode}${on}`;
  return landmark('ii–V', label, two, five);
}

/** II7 to ii: the second pair only turns the V of V minor. */
const TO_OWN_FIVE = 5;

/** Two ii–Vs are a chain when they fall by a step; other moves take three to be one. */
const FALLS_BY_STEP = [10, 11];
const isChain = ([first, second, third]: readonly TwoFive[]): boolean =>
  !!first && !!second && (!!third || FALLS_BY_STEP.includes(upFrom(first.two, second.two)));

/** Two or more ii–Vs on end, each moved from the last by the same step. */
export const findChains: LandmarkFinder = (tune) => {
  const chains: TwoFive[][] = [];
  for (const pair of twoFives(tune)) {
    const chain = chains.at(-1);
    const last = chain?.at(-1);
    const move = last ? upFrom(last.two, pair.two) : 0;
    const follows = last?.next === pair.at && move !== 0 && move !== TO_OWN_FIVE;
    if (chain && last && follows && movesLike(chain, pair)) chain.push(pair);
    else chains.push(follows && chain && chain.length > 1 ? [last, pair] : [pair]);
  }
  return chains.filter(isChain).map((chain) => {
    const move = moveInWords(upFrom(chain[0]!.two, chain[1]!.two));
    const label = `${inWords(chain.length)} ii–Vs on end, each ${move} from the last`;
    return landmark('chain of ii–Vs', label, chain[0]!.two, chain.at(-1)!.five);
  });
};

function movesLike(chain: readonly TwoFive[], pair: TwoFive): boolean {
  const [first, second] = chain;
  const last = chain.at(-1)!;
  return !second || upFrom(first!.two, second.two) === upFrom(last.two, pair.two);
}

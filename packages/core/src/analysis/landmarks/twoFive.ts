import { quartersInBar } from '../../chart/meter';
import { prettyNote, spellFrom } from '../../pitch/spelling';
import type { ChartReading, ReadMoment } from '../readings/chartReading';
import { upFrom } from '../readings/moment';
import { twoFivesOf, type TwoFive } from '../readings/twoFives';
import type { Landmark } from '../base/types';
import {
  inWords,
  landmark,
  moveInWords,
  nameOfRoot,
  prettyNumber,
  prettySymbol,
  type LandmarkFinder,
} from './landmark';

type Pair = TwoFive<ReadMoment>;

/** Every ii–V of the chart, in order; a blues seventh is a I too. */
const twoFives = ({ moments, chart }: ChartReading): Pair[] =>
  twoFivesOf(moments, quartersInBar(chart.meter), ({ reading }) => reading.role === 'blues');

/** ii–V–I in major and minor, and ii–Vs that go somewhere else. Minor iv and its bVII7 are no ii–V. */
export const findTwoFives: LandmarkFinder = (tune) => {
  const pairs = twoFives(tune).filter((pair) => !isBackdoor(pair) && !isOneFour(pair));
  return pairs.map((pair, at) => {
    const next = pairs[(at + 1) % pairs.length];
    if (!pair.one) return elsewhere(pair, tune.moments[pair.next]);
    // A chord that is itself the ii of the next pair is a step, not a place to rest.
    return pair.one === next?.two ? elsewhere(pair, pair.one) : toOne(pair, pair.one);
  });
};

const isBackdoor = ({ five }: Pair): boolean => five.reading.role === 'backdoor';

/** i7 and IV7 of a minor key, which go nowhere. */
const isOneFour = ({ two, one }: Pair): boolean => two.root === two.key.tonic && !one;

function toOne({ two, five, substitute }: Pair, target: ReadMoment): Landmark {
  const minor = target.class === 'minor';
  const roman = minor ? 'i' : 'I';
  const names = substitute ? `ii–subV–${roman}` : `ii–V–${roman}`;
  const round = target.at < two.at ? ', round to the top' : '';
  const mode = minor ? 'minor' : 'major';
  const label = `${names} in ${nameOfRoot(target)} ${mode}${degreeIn(five)}${round}`;
  if (round) return landmark('ii–V–I', label, two, five);
  return landmark('ii–V–I', label, two, target, 'arrives');
}

/** " (vi of F)", where what a V goes to is a degree of the key that is heard. */
function degreeIn({ reading, key, tonic }: ReadMoment): string {
  const [, degree] = reading.numeral.split('/');
  if (degree === undefined) return '';
  return ` (${prettyNumber(degree)} of ${prettyNote(tonic)}${key.mode === 'minor' ? ' minor' : ''})`;
}

/** A ii–V by the key it points to, minor where its ii is half-diminished, and where it goes. */
function elsewhere({ two, five, one, substitute }: Pair, next: ReadMoment | undefined): Landmark {
  const mode = two.class === 'half-diminished' ? 'minor' : 'major';
  const target = prettyNote(spellFrom(five.chord.root, 3, 5));
  const on = next ? `, on to ${prettySymbol(next.chord.symbol)}` : '';
  const label = one
    ? `ii–${substitute ? 'subV' : 'V'} to ${prettySymbol(one.chord.symbol)}`
    : `ii–V of ${target} ${mode}${on}`;
  return landmark('ii–V', label, two, five);
}

/** II7 to ii: the second pair only turns the V of V minor. */
const TO_OWN_FIVE = 5;

/** Two ii–Vs are a chain when they fall by a step; other moves take three to be one. */
const FALLS_BY_STEP = [10, 11];
const isChain = ([first, second, third]: readonly Pair[]): boolean =>
  !!first && !!second && (!!third || FALLS_BY_STEP.includes(upFrom(first.two, second.two)));

/** Two or more ii–Vs in a row, each moved from the last by the same step. */
export const findChains: LandmarkFinder = (tune) => {
  const chains: Pair[][] = [];
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
    const label = `${inWords(chain.length)} ii–Vs in a row, each ${move}`;
    return landmark('chain of ii–Vs', label, chain[0]!.two, chain.at(-1)!.five);
  });
};

function movesLike(chain: readonly Pair[], pair: Pair): boolean {
  const [first, second] = chain;
  const last = chain.at(-1)!;
  return !second || upFrom(first!.two, second.two) === upFrom(last.two, pair.two);
}

import type { Moment } from '../base/moments';
import { isDominant, isTwo, upFrom } from './moment';

/** A ii and its V next to one another; the V may be the one a tritone away. */
export interface TwoFive<M extends Moment = Moment> {
  readonly two: M;
  readonly five: M;
  /** The I, where it follows. */
  readonly one: M | undefined;
  readonly substitute: boolean;
  /** Position of the ii among the moments, and of what follows the V. */
  readonly at: number;
  readonly next: number;
}

/** A chord in a ii–V lasts two bars at the most; longer ones are places, not steps. */
const LONGEST_BARS = 2;

/**
 * Every ii–V among some chords, in order. The I of the last may be the first chord: a chorus goes round.
 * @param bar quarters in a bar
 * @param restsToo what a V may come to rest on beside a major, a minor and a suspended triad
 */
export function twoFivesOf<M extends Moment>(
  moments: readonly M[],
  bar: number,
  restsToo: (moment: M) => boolean = () => false,
): TwoFive<M>[] {
  const isShort = (moment: M): boolean => moment.end - moment.at <= LONGEST_BARS * bar;
  const isOne = (moment: M): boolean => rests(moment) || restsToo(moment);
  return moments.flatMap((two, at): TwoFive<M>[] => {
    const five = moments[at + 1];
    const fits = five && isTwo(two) && isDominant(five) && isShort(two);
    if (!fits || !isShort(five)) return [];
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

/** What a V comes to rest on: a dominant or a diminished chord goes on instead. */
const rests = ({ class: kind }: Moment): boolean =>
  kind === 'major' || kind === 'minor' || kind === 'open';

/** A V may change its colour before it goes on: G7sus4, G7b9. */
function lastOfFive(moments: readonly Moment[], at: number): number {
  const isSameFive = (after: Moment | undefined): boolean =>
    !!after && after.root === moments[at]!.root && isDominant(after);
  let end = at;
  while (isSameFive(moments[end + 1])) end += 1;
  return end;
}

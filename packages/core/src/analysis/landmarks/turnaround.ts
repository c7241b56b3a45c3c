import { quartersInBar } from '../../chart/meter';
import { prettyNote } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { ReadMoment } from '../readings/chartReading';
import { isDominant, isTwo } from '../readings/moment';
import { landmark, type LandmarkFinder } from './landmark';

/** A turnaround takes four bars at the most, and no chord of it more than two. */
const MOST_BARS = 4;
const MOST_BARS_OF_ONE = 2;

const SIX = 9;
const TWO = 2;
const FIVE = 7;

type Fit = 'plain' | 'changed' | undefined;

/** Whether a chord stands for a degree: on its root, on the dominant a tritone away, or as a dim. */
function standsFor(moment: ReadMoment, degree: number): Fit {
  const offset = pitchClass(moment.root - moment.key.tonic) as number;
  if (offset === degree) return isTwo(moment) || isDominant(moment) ? 'plain' : undefined;
  const partner = pitchClass(degree + 6) as number;
  if (offset === partner && isDominant(moment)) return 'changed';
  const leading = pitchClass(degree + 4) as number;
  return offset === leading && moment.class === 'diminished' ? 'changed' : undefined;
}

/** I or iii, then 6 2 5, in any quality: 1-6-2-5 and 3-6-2-5. Four dominants are a cycle of them instead. */
export const findTurnarounds: LandmarkFinder = ({ moments, chart }) => {
  const bar = quartersInBar(chart.meter);
  return moments.flatMap((first, at) => {
    const four = moments.slice(at, at + 4);
    const [, six, two, five] = four;
    if (!six || !two || !five || four.some(({ key }) => key !== first.key)) return [];
    const long = four.some(({ at: begin, end }) => end - begin > MOST_BARS_OF_ONE * bar);
    if (long || five.end - first.at > MOST_BARS * bar + bar / 2) return [];
    const offset = pitchClass(first.root - first.key.tonic) as number;
    const begins = offset === 0 ? '1' : offset === 4 || offset === 3 ? '3' : undefined;
    if (!begins || (offset === 3 && first.class !== 'diminished' && !isDominant(first))) return [];
    const fits = [standsFor(six, SIX), standsFor(two, TWO), standsFor(five, FIVE)];
    if (fits.includes(undefined) || four.every(isDominant)) return [];
    const changed = fits.includes('changed') || offset === 3;
    const label = `${begins}-6-2-5 turnaround in ${nameOfKey(first)}${changed ? ', with stand-ins' : ''}`;
    return [landmark('turnaround', label, first, five)];
  });
};

const nameOfKey = ({ tonic, key }: ReadMoment): string => `${prettyNote(tonic)} ${key.mode}`;

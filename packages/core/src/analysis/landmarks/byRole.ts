import { prettyNote } from '../../pitch/spelling';
import { upFrom } from '../readings/moment';
import type { ChartReading, ReadMoment } from '../readings/chartReading';
import { degreeName } from '../readings/numeral';
import type { Role } from '../readings/types';
import type { Landmark, LandmarkKind } from '../base/types';
import { landmark, nameOfRoot, prettyNumber, prettySymbol, type LandmarkFinder } from './landmark';

/** Landmarks that a chord's reading already names. */
const withRole = (
  role: Role,
  build: (moment: ReadMoment, at: number, tune: ChartReading) => Landmark | undefined,
): LandmarkFinder => {
  return (tune) =>
    tune.moments.flatMap((moment, at) => {
      if (moment.reading.role !== role) return [];
      const found = build(moment, at, tune);
      return found ? [found] : [];
    });
};

const symbolOf = ({ chord }: ReadMoment): string => prettySymbol(chord.symbol);

const after = ({ moments }: ChartReading, at: number): ReadMoment | undefined => moments[at + 1];
const before = ({ moments }: ChartReading, at: number): ReadMoment | undefined => moments[at - 1];

/** V of something other than I, with its related ii where one stands before it. */
export const findSecondaryDominants = withRole('applied dominant', (moment, at, tune) => {
  const { numeral } = moment.reading;
  if (!numeral.startsWith('V')) return undefined;
  const target = numeral.slice(numeral.indexOf('/') + 1);
  const two = before(tune, at);
  const related = two?.reading.role === 'related ii' ? two : undefined;
  const label = `V of ${prettyNumber(target)}${related ? ', with its ii' : ''}`;
  return toArrival('secondary dominant', label, related ?? moment, moment, at, tune);
});

/** Up to the chord a dominant goes to, where it does go; what wraps round stays outside. */
function toArrival(
  kind: LandmarkKind,
  label: string,
  from: ReadMoment,
  moment: ReadMoment,
  at: number,
  tune: ChartReading,
): Landmark {
  const next = after(tune, at);
  const falls = next && [5, 11].includes(upFrom(moment, next));
  return falls ? landmark(kind, label, from, next, 'arrives') : landmark(kind, label, from, moment);
}

export const findSubstitutes = withRole('tritone substitute', (moment, at, tune) => {
  const [, target] = moment.reading.numeral.split('/');
  const of = target === undefined ? '' : ` of ${prettyNumber(target)}`;
  const label = `tritone substitute for V${of}`;
  return toArrival('tritone substitute', label, moment, moment, at, tune);
});

/** iv–bVII7–I or bVII7–I. */
export const findBackdoors = withRole('backdoor', (moment, at, tune) => {
  const home = after(tune, at) ?? tune.moments[0]!;
  if (!/backdoor/.test(moment.reading.reason)) return undefined;
  const four = before(tune, at);
  const from = four?.reading.role === 'minor iv' ? four : moment;
  const names = from === moment ? '♭VII7–' : 'iv–♭VII7–';
  const label = `backdoor ${names}${prettyNumber(degreeName(home.key, home.root))} in ${prettyNote(moment.tonic)} major`;
  if (home.at < from.at) return landmark('backdoor', label, from, moment);
  return landmark('backdoor', label, from, home, 'arrives');
});

export const findMinorFours = withRole('minor iv', (moment) =>
  landmark('minor iv', `minor iv in ${prettyNote(moment.tonic)} major`, moment, moment),
);

export const findPassingDiminished = withRole('passing diminished', (moment, at, tune) => {
  const [from, to] = [before(tune, at), after(tune, at)];
  const between = from && to ? ` between ${symbolOf(from)} and ${symbolOf(to)}` : '';
  const label = `passing ${nameOfRoot(moment)}°${between}`;
  return landmark('passing diminished', label, moment, to ?? moment, to ? 'arrives' : 'rings');
});

export const findCommonToneDiminished = withRole('common-tone diminished', (moment, at, tune) => {
  const next = after(tune, at);
  const label = `common-tone diminished on ${nameOfRoot(moment)}`;
  if (next?.root !== moment.root) return landmark('common-tone diminished', label, moment, moment);
  return landmark('common-tone diminished', label, moment, next, 'arrives');
});

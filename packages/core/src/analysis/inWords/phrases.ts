import type { ChordAnalysis, Landmark, LandmarkKind } from '../base/types';
import { prettyNumber } from '../landmarks/landmark';

/** What a landmark is told among. */
export interface ToldAmong {
  readonly chords: readonly ChordAnalysis[];
  /** The name of the section in which the landmark ends, where it begins in another. */
  readonly endsIn: string | undefined;
}

/**
 * The most telling first: where two landmarks are made of the same chords, the later of the list is left out. Forms of
 * the whole tune are told apart.
 */
const RANKS: readonly LandmarkKind[] = [
  'rhythm A',
  'dominant-cycle bridge',
  'chain of keys',
  'modal vamp',
  'pedal',
  'line cliché',
  'turnaround',
  'backdoor',
  'chain of ii–Vs',
  'ii–V–I',
  'ii–V',
  'cycle of fifths',
  'V–I',
  'tritone substitute',
  'secondary dominant',
  'minor iv',
  'passing diminished',
  'common-tone diminished',
];
/** Three or more ii–Vs in a row are a chain before they are anything else. */
const LONG_CHAIN = 0;

/** Where a landmark stands among the telling ones, from 0; none for a form of the whole tune. */
export function rankOf({ kind, label }: Landmark): number | undefined {
  if (kind === 'chain of ii–Vs' && !label.startsWith('two')) return LONG_CHAIN;
  const rank = RANKS.indexOf(kind);
  return rank < 0 ? undefined : rank;
}

/** A landmark as it is said in passing: "ii–V to vi", "backdoor home". */
export function phraseOf(mark: Landmark, among: ToldAmong): string {
  const { kind, label } = mark;
  switch (kind) {
    case 'ii–V–I':
      return twoFive(mark, among);
    case 'ii–V':
      return label.startsWith('ii–V of') ? 'ii–V left open' : label;
    case 'V–I':
      return among.endsIn === undefined ? label.replace(/ in .*/, '') : `V into ${among.endsIn}`;
    case 'turnaround':
      return label.replace(/ turnaround in [^,]+,?/, '');
    case 'chain of ii–Vs':
      return label.replace(/, each (.+)/, ' ($1 each)');
    case 'backdoor':
      return label
        .replace(/ in .*/, '')
        .replace(/ .*–I$/, ' home')
        .replace(/ .*–(?=[iv])/, ' to ');
    case 'rhythm A':
      return 'rhythm-type A section';
    case 'dominant-cycle bridge':
      return label.replace('dominant-cycle bridge', 'dominants round the cycle');
    case 'line cliché':
      return label.replace('line cliché: ', '');
    case 'modal vamp':
      return `vamp${/ on [^,]+/.exec(label)?.[0] ?? ''}`;
    case 'minor iv':
    case 'passing diminished':
    case 'common-tone diminished':
      return kind;
    default:
      return label;
  }
}

function twoFive({ label, last }: Landmark, { chords, endsIn }: ToldAmong): string {
  const name = label.startsWith('ii–subV') ? 'ii–subV' : 'ii–V';
  if (label.endsWith('round to the top')) return `${name} back to the top`;
  if (endsIn !== undefined) return `${name} into ${endsIn}`;
  const degree = /^(?:#|b)?[IViv]+/.exec(chords[last]?.numeral ?? '')?.[0] ?? 'I';
  return degree.toUpperCase() === 'I' ? `${name}–${degree}` : `${name} to ${prettyNumber(degree)}`;
}

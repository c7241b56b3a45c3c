import { moveNote } from '../pitch/interval';
import { plainRoot, type NoteName } from '../pitch/spelling';
import type { Mode } from './base/key';
import type { ChordAnalysis, HarmonicFunction } from './base/types';

/** A chord that can take the place of another of its function. */
export interface StandIn {
  readonly numeral: string;
  readonly symbol: string;
  /** What it shares with the others of its group. */
  readonly why: string;
}

type Row = readonly [
  numeral: string,
  letterSteps: number,
  semitones: number,
  suffix: string,
  why: string,
];

const SHARES = 'shares three notes with its neighbour in the group';

/**
 * The three groups: tonic I iii vi, predominant ii IV, dominant V vii, of which each neighbouring pair
 * shares three notes (arithmetic), and what else is used in their place (common practice).
 */
const GROUPS: Readonly<Record<Mode, Readonly<Partial<Record<HarmonicFunction, readonly Row[]>>>>> =
  {
    major: {
      tonic: [
        ['Imaj7', 0, 0, 'maj7', SHARES],
        ['iii7', 2, 4, 'm7', SHARES],
        ['vi7', 5, 9, 'm7', SHARES],
      ],
      predominant: [
        ['ii7', 1, 2, 'm7', SHARES],
        ['IVmaj7', 3, 5, 'maj7', SHARES],
        ['iv6', 3, 5, 'm6', 'from the parallel minor'],
      ],
      dominant: [
        ['V7', 4, 7, '7', SHARES],
        ['viiø', 6, 11, 'm7b5', SHARES],
        ['subV7', 1, 1, '7', 'a tritone from V, with the same guide tones'],
        ['bVII7', 6, 10, '7', 'home by the backdoor'],
      ],
    },
    minor: {
      tonic: [
        ['i6', 0, 0, 'm6', 'the tonic at rest'],
        ['bIIImaj7', 2, 3, 'maj7', 'the relative major'],
        ['viø', 5, 9, 'm7b5', 'the same notes as i6'],
      ],
      predominant: [
        ['iiø', 1, 2, 'm7b5', SHARES],
        ['iv7', 3, 5, 'm7', SHARES],
        ['iv6', 3, 5, 'm6', 'the same notes as iiø'],
        ['bVImaj7', 5, 8, 'maj7', SHARES],
      ],
      dominant: [
        ['V7', 4, 7, '7', SHARES],
        ['vii°7', 6, 11, 'dim7', 'V7b9 without its root'],
        ['subV7', 1, 1, '7', 'a tritone from V, with the same guide tones'],
      ],
    },
  };

/**
 * Chords of the same function in the same key, in the order of the group, without the chord itself.
 * An applied dominant is read in the key it is applied to. Passing chords have none.
 * @example standIns({ key: 'C major', numeral: 'vi7', function: 'tonic' }).map((s) => s.symbol) // ['Cmaj7', 'Em7']
 * @example standIns({ key: 'C major', numeral: 'V7/ii', function: 'dominant' })[1].symbol // 'Eb7'
 */
export function standIns(
  chord: Pick<ChordAnalysis, 'key' | 'numeral' | 'function'>,
): readonly StandIn[] {
  const [home = 'C', mode = 'major'] = chord.key.split(' ');
  const [own = '', target] = chord.numeral.split('/');
  const local = target === undefined ? { tonic: home, mode: mode as Mode } : inTarget(home, target);
  const rows = local && GROUPS[local.mode][chord.function];
  return local && rows ? named(local.tonic, rows, own) : [];
}

function named(tonic: NoteName, rows: readonly Row[], own: string): StandIn[] {
  const degree = (numeral: string): string => /^(?:sub)?[b#]?[ivIV]+/.exec(numeral)?.[0] ?? numeral;
  return rows
    .filter(([numeral]) => degree(numeral) !== degree(own))
    .map(([numeral, letterSteps, semitones, suffix, why]) => ({
      numeral,
      symbol: plainRoot(moveNote(tonic, { letterSteps, semitones })) + suffix,
      why,
    }));
}

const DEGREE_STEPS: Readonly<Record<string, readonly [letterSteps: number, semitones: number]>> = {
  i: [0, 0],
  bii: [1, 1],
  ii: [1, 2],
  biii: [2, 3],
  iii: [2, 4],
  iv: [3, 5],
  '#iv': [3, 6],
  v: [4, 7],
  bvi: [5, 8],
  vi: [5, 9],
  bvii: [6, 10],
  vii: [6, 11],
};

/** The key a chord is applied to: minor where its number is small. */
function inTarget(home: NoteName, target: string): { tonic: NoteName; mode: Mode } | undefined {
  const steps = DEGREE_STEPS[target.toLowerCase()];
  if (!steps) return undefined;
  const [letterSteps, semitones] = steps;
  const tonic = moveNote(home, { letterSteps, semitones });
  return { tonic, mode: /[iv]/.test(target.replace(/^[b#]/, '')) ? 'minor' : 'major' };
}

import { moveNote } from '../pitch/interval';
import { pitchClass } from '../base/units';
import { inList } from '../base/words';
import { parseChord } from '../chord/parseChord';
import type { PitchedChord } from '../chord/types';
import { pitchClassOf, plainRoot, type NoteName, prettyNote } from '../pitch/spelling';
import { contradictedBy } from './base/inflections';
import type { Mode } from './base/key';
import type { ChordAnalysis, HarmonicFunction } from './base/types';

/** A chord that can take the place of another of its function. */
export interface StandIn {
  readonly numeral: string;
  readonly symbol: string;
  /** What makes it one, and which notes it shares with the chord: "shares three notes: E, G and B". */
  readonly why: string;
}

type Row = readonly [
  numeral: string,
  letterSteps: number,
  semitones: number,
  suffix: string,
  why: string,
];

/** Told by the notes it shares alone. */
const SHARES = '';

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
 * Chords of the same function in the same key, in the order of the group, without the chord itself and
 * without those that contradict a colour its symbol writes. An applied dominant is read in the key it is
 * applied to. Passing chords have none.
 * @example standIns({ symbol: 'Am7', key: 'C major', numeral: 'vi7', function: 'tonic' }).map((s) => s.symbol) // ['Cmaj7', 'Em7']
 * @example standIns({ symbol: 'A7', key: 'C major', numeral: 'V7/ii', function: 'dominant' })[1].symbol // 'Eb7'
 */
export function standIns(
  chord: Pick<ChordAnalysis, 'symbol' | 'key' | 'numeral' | 'function'>,
): readonly StandIn[] {
  const [home = 'C', mode = 'major'] = chord.key.split(' ');
  const [own = '', target] = chord.numeral.split('/');
  const local = target === undefined ? { tonic: home, mode: mode as Mode } : inTarget(home, target);
  const rows = local && GROUPS[local.mode][chord.function];
  const written = pitchedChord(chord.symbol);
  return local && rows && written ? named(local.tonic, rows, own, written) : [];
}

function named(
  tonic: NoteName,
  rows: readonly Row[],
  own: string,
  written: PitchedChord,
): StandIn[] {
  const degree = (numeral: string): string => /^(?:sub)?[b#]?[ivIV]+/.exec(numeral)?.[0] ?? numeral;
  return rows
    .filter(([numeral]) => degree(numeral) !== degree(own))
    .flatMap(([numeral, letterSteps, semitones, suffix, why]) => {
      const symbol = plainRoot(moveNote(tonic, { letterSteps, semitones })) + suffix;
      const other = pitchedChord(symbol);
      if (!other || contradicts(other, written)) return [];
      if (why === SHARES && !isNear(other, written)) return [];
      const reasons = [why, sharedInWords(written, other)].filter(Boolean);
      return [{ numeral, symbol, why: reasons.join('; ') }];
    });
}

function pitchedChord(symbol: string): PitchedChord | undefined {
  const read = parseChord(symbol);
  return read.ok && read.value.kind === 'chord' ? read.value : undefined;
}

const has = ({ tones }: PitchedChord, pitch: number): boolean =>
  tones.some(({ note }) => pitchClassOf(note) === pitch);

/** A note of its own lies a half step from a colour the symbol writes and it has not. */
function contradicts(other: PitchedChord, written: PitchedChord): boolean {
  const colours = written.tones.filter(({ degree }) => written.colours.includes(degree));
  return colours.some(({ note }) => {
    const colour = pitchClassOf(note);
    const near = [pitchClass(colour + 1), pitchClass(colour - 1)];
    return !has(other, colour) && near.some((each) => has(other, each) && !has(written, each));
  });
}

/** Two chords of one function share three notes as a rule, and two at the least, and no letter inflected otherwise. */
const FEWEST_SHARED = 2;

const isNear = (other: PitchedChord, written: PitchedChord): boolean =>
  sharedTones(written, other).length >= FEWEST_SHARED &&
  contradictedBy(
    written,
    other.tones.map(({ note }) => note),
  ).length === 0;

const sharedTones = (written: PitchedChord, other: PitchedChord): NoteName[] =>
  written.tones.map(({ note }) => note).filter((note) => has(other, pitchClassOf(note)));

const COUNTED = ['no note', 'one note', 'two notes', 'three notes', 'four notes', 'five notes'];

/** @example 'shares three notes: E, G and B' */
function sharedInWords(written: PitchedChord, other: PitchedChord): string {
  const shared = sharedTones(written, other).map((note) => prettyNote(note));
  if (!shared.length) return '';
  return `shares ${COUNTED[shared.length]!}: ${inList(shared)}`;
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

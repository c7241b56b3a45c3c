import { pitchClassOf, plainRoot, spellFrom, type NoteName } from '../pitch/spelling';
import { midi, pitchClass } from '../base/units';
import { semitonesOf, type Degree } from './degrees';
import { nameNotes } from './nameNotes';
import type { PitchedChord } from './types';

/** One note with what it is in a chord and in the chord under its other name. */
export interface Relabelled {
  readonly note: NoteName;
  readonly degree: Degree;
  readonly becomes: Degree;
}

export interface OtherName {
  readonly symbol: string;
  readonly kind: 'same notes' | 'without its root' | 'tritone partner';
  readonly notes: readonly Relabelled[];
}

/** What a dominant calls its notes, by semitones above the root. */
const DOMINANT_DEGREES: readonly Degree[] = [
  'R',
  'b9',
  '9',
  '#9',
  '3',
  '11',
  '#11',
  '5',
  'b13',
  '13',
  'b7',
  '7',
];

/**
 * What a dominant's note is in the dominant a tritone away: the two share their guide tones.
 * @example tritoneDegree('3') // 'b7'
 * @example tritoneDegree('13') // '#9'
 */
export const tritoneDegree = (degree: Degree): Degree =>
  DOMINANT_DEGREES[pitchClass(semitonesOf(degree) + 6)]!;

const MOST_OF_A_KIND = 4;
/** True of some notes, and nothing that a player would say: every dominant is a m7(b9) without its root. */
const NOT_SAID = /(?:maj9\(#5\)|m7\(b9\)|7\(b9,#5\))$/;
/** Roots beside which the note between F and G is a Gb, where it is no minor chord. */
const FLAT_SIDE: readonly NoteName[] = ['C', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb'];
const F_SHARP = /^F#(?!m(?!aj)|dim)/;

const sayable = (symbol: string, { root }: PitchedChord): string =>
  FLAT_SIDE.includes(root) ? symbol.replace(F_SHARP, 'Gb') : symbol;

/**
 * What else a chord may be read as: chords of the same notes, chords it is the upper part of, and for a
 * dominant its partner a tritone away with every note relabelled.
 * Am7 is C6 first of all.
 */
export function otherNames(chord: PitchedChord): OtherName[] {
  const root = pitchClassOf(chord.root);
  const stacked = chord.tones.map(({ degree }) => midi(48 + root + semitonesOf(degree)));
  const readings = nameNotes(stacked).filter(
    ({ symbol }) => rootPitch(symbol) !== root && !NOT_SAID.test(symbol),
  );
  const complete = readings.filter(({ without }) => !without);
  const pick = (rootSounds: boolean, kind: OtherName['kind']): OtherName[] =>
    complete
      .filter((reading) => reading.rootSounds === rootSounds)
      .slice(0, MOST_OF_A_KIND)
      .map(({ symbol, degrees }) => {
        // nameNotes answers from the lowest note up; stacked tones may cross an octave.
        const order = [...chord.tones].sort(
          (a, b) => semitonesOf(a.degree) - semitonesOf(b.degree),
        );
        const notes = order.map(({ note, degree }, at) => ({
          note,
          degree,
          becomes: degrees[at]!,
        }));
        return { symbol: sayable(symbol, chord), kind, notes };
      });
  return [
    ...pick(true, 'same notes'),
    ...pick(false, 'without its root'),
    ...tritonePartner(chord),
  ];
}

const rootPitch = (symbol: string): number => pitchClassOf(/^[A-G][b#]?/.exec(symbol)?.[0] ?? 'C');

function tritonePartner(chord: PitchedChord): OtherName[] {
  const has = (degree: Degree): boolean => chord.tones.some((tone) => tone.degree === degree);
  if (!has('3') || !has('b7')) return [];
  const root = plainRoot(spellFrom(chord.root, 4, 6));
  const notes = chord.tones.map(({ note, degree }) => ({
    note,
    degree,
    becomes: tritoneDegree(degree),
  }));
  return [{ symbol: `${root}7`, kind: 'tritone partner', notes }];
}

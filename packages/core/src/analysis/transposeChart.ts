import { moveChart } from '../chart/transpose';
import type { Chart } from '../chart/types';
import { intervalBetween } from '../pitch/interval';
import { pitchClass } from '../base/units';
import { readChart } from './readings/chartReading';
import { keyOf, signatureOf, tonicName, type Key } from './base/key';
import { pitchClassOf, plainRoot, spellFrom, type NoteName } from '../pitch/spelling';
import type { PitchedChord } from '../chord/types';
import { classOf, type ChordClass } from './base/chordClass';

/**
 * A chart in another key. The new key is the one with fewer accidentals (Db, not C#; of F# and Gb the
 * one on the side of the old key), and every root keeps its place in it. A chart without a key in its
 * header is moved from the key it is heard in, and gets none.
 * @param semitones up, or down below 0; whole octaves change nothing
 */
export function transposeChart(chart: Chart, semitones: number): Chart {
  if (pitchClass(semitones) === 0) return chart;
  const from = homeKeyOf(chart);
  const to: Key = { tonic: pitchClass(from.tonic + semitones), mode: from.mode };
  const tonic = tonicName(to, signatureOf(from.name, from.mode) > 0);
  const key = tonic + (to.mode === 'minor' ? 'm' : '');
  const interval = intervalBetween(from.name, tonic);
  return moveChart(
    chart,
    interval,
    chart.header.key === undefined ? undefined : key,
    (chord, next) => inItsKey(chord, next, from.name),
  );
}

/** Letters from the tonic by semitones above it, as roots are written, and those of diminished chords that rise. */
const LETTERS_ABOVE = [0, 1, 1, 2, 2, 3, 4, 4, 5, 5, 6, 6] as const;
const RISING: Readonly<Record<number, number>> = { 1: 0, 3: 1, 6: 3, 8: 4, 10: 5 };
/** On the #4 these are written sharp wherever they go: F#m7 in C as the ii of E, F#m7b5 on its way down to IV. */
const ON_SHARP_FOUR: readonly ChordClass[] = ['minor', 'half-diminished'];
/** Semitones up to a root a half step lower. */
const FALLS = 11;

/**
 * The root of a chord as its key spells it, where it has a plain name for that: the B7 of Gb major is its IV, Cb. So a
 * chart that is moved and comes back is written as it was.
 */
function inItsKey(chord: PitchedChord, next: PitchedChord | undefined, tonic: NoteName): NoteName {
  const { root } = chord;
  const semitones = pitchClass(pitchClassOf(root) - pitchClassOf(tonic));
  const goesOn = next && pitchClass(pitchClassOf(next.bass ?? next.root) - pitchClassOf(root));
  const falls = goesOn === FALLS;
  const kind = classOf(chord);
  const sharp = kind === 'diminished' ? !falls : ON_SHARP_FOUR.includes(kind) && semitones === 6;
  const rises = sharp ? RISING[semitones] : undefined;
  const spelled = spellFrom(tonic, rises ?? LETTERS_ABOVE[semitones]!, semitones);
  return plainRoot(spelled) === root ? spelled : root;
}

function homeKeyOf(chart: Chart): Key & { readonly name: NoteName } {
  if (chart.header.key !== undefined) return keyOf(chart.header.key);
  const { key, tonic } = readChart(chart).home;
  return { ...key, name: tonic };
}

import { moveChart, soundingChords } from '../chart/transpose';
import type { Chart } from '../chart/types';
import { intervalBetween, type Interval } from '../pitch/interval';
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
  const header = chart.header.key === undefined ? undefined : key;
  return moveChart(chart, interval, header, namesIn(chart, interval, from.name));
}

/** Letters and half steps up to the root from which a chord falls a fifth. */
const FIFTH: Interval = { letterSteps: 4, semitones: 7 };

/**
 * The root of every chord, named so that it is spelled well where the chart goes: in its key, or, where what it leads to by a
 * fourth takes a plain name there, beside that: C#m7 F#7 before Bmaj7, also in F.
 */
function namesIn(chart: Chart, interval: Interval, tonic: NoteName): NoteName[] {
  const chords = soundingChords(chart);
  const names: NoteName[] = [];
  /** Where the chord after this one goes, if that is not where its key has it. */
  let beside: NoteName | undefined;
  for (let at = chords.length - 1; at >= 0; at -= 1) {
    const chord = chords[at]!;
    const own = nameOf(chord, chords[at + 1], names[at + 1], tonic);
    const before = beside && plainly(moved(beside, FIFTH));
    const leads = before !== undefined && isThere(chord, before, interval) && !isHome(chord, tonic);
    names[at] = leads ? moved(before, back(interval)) : own;
    const there = moved(own, interval);
    beside = leads ? before : plainRoot(there) === there ? undefined : plainRoot(there);
  }
  return names;
}

/** In its key, or beside what it leads to, where that is written by another name than its key has for it. */
function nameOf(
  chord: PitchedChord,
  next: PitchedChord | undefined,
  nextName: NoteName | undefined,
  tonic: NoteName,
): NoteName {
  const isRenamed = next && nextName !== undefined && next.root !== nextName;
  return isRenamed && chord.root === moved(next.root, FIFTH)
    ? moved(nextName, FIFTH)
    : inItsKey(chord, next, tonic);
}

const moved = (name: NoteName, { letterSteps, semitones }: Interval): NoteName =>
  spellFrom(name, letterSteps, semitones);

const back = ({ letterSteps, semitones }: Interval): Interval => ({
  letterSteps: -letterSteps,
  semitones: -semitones,
});

/** A name that players write, as it is. */
const plainly = (name: NoteName): NoteName | undefined =>
  plainRoot(name) === name ? name : undefined;

const isThere = ({ root }: PitchedChord, name: NoteName, { semitones }: Interval): boolean =>
  pitchClass(pitchClassOf(root) + semitones) === pitchClassOf(name);

/** What stands on the tonic, or is as major as the key, is spelled with it. */
const isHome = (chord: PitchedChord, tonic: NoteName): boolean =>
  pitchClassOf(chord.root) === pitchClassOf(tonic) || classOf(chord) === 'major';

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

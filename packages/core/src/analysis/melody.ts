/**
 * A line against the chords: what every note of a melody or a solo is on the chord that sounds, and where it
 * leads. Source of the terms: common practice.
 */
import type { ChartEvent } from '../chart/timeline';
import { plainDegree } from '../chord/scaleDegrees';
import type { Degree } from '../chord/degrees';
import type { PitchedChord } from '../chord/types';
import { pitchClassOf, type NoteName } from '../pitch/spelling';
import { pitchClass } from '../base/units';
import type { ChordAnalysis } from './base/types';

/** A note; times of notes and chords are in quarters from bar 1. */
export interface MelodyNote {
  readonly midi: number;
  readonly at: number;
  readonly length: number;
}

export interface MelodyChord {
  /** Nothing under N.C. */
  readonly chord: PitchedChord | undefined;
  readonly at: number;
  readonly end: number;
  /** The notes of the scale that is played over it. */
  readonly pool: readonly NoteName[];
  /** Notes of the pool to avoid on a long note. */
  readonly avoid: readonly NoteName[];
}

export type MelodyPart = 'chord tone' | 'tension' | 'outside' | 'no chord';

/** A note below or above a chord tone that it goes to by a half or a whole step. */
export interface Approach {
  /** Position of the chord tone among the notes. */
  readonly to: number;
  readonly from: 'below' | 'above';
  readonly semitones: 1 | 2;
  /** With its partner on the other side of the chord tone. */
  readonly encloses: boolean;
}

export interface ToldNote {
  /** Position of the chord that sounds when it begins; missing before the first and after the last. */
  readonly chord?: number;
  readonly degree?: Degree;
  readonly part: MelodyPart;
  /** A note of the pool that rubs against the chord while it is held. */
  readonly avoid?: true;
  readonly approach?: Approach;
  /** A 7 that falls by step to the 3 of the next chord, across the change. */
  readonly sevenToThree?: true;
  /** What it is on the next chord, which it comes too early for. */
  readonly foreshadows?: Degree;
}

/** A note is early for the next chord within so many quarters of the change. */
const EARLY = 1;

/** The chords of a chart as lines are told against them, each over the first of its pools. */
export const melodyChords = (
  events: readonly ChartEvent[],
  analyses: readonly ChordAnalysis[],
): MelodyChord[] =>
  events.map(({ chord, at, length }, index) => ({
    chord: chord.kind === 'chord' ? chord : undefined,
    at,
    end: at + length,
    pool: analyses[index]?.scales[0]?.notes ?? [],
    avoid: analyses[index]?.avoid ?? [],
  }));

/**
 * One reading for each note, in their order.
 * @param notes one voice, in order of time
 * @param chords in order of time; where a chorus is played again, each time anew
 */
export function tellMelody(
  notes: readonly MelodyNote[],
  chords: readonly MelodyChord[],
): ToldNote[] {
  const line = { notes, chords, under: chordsUnder(notes, chords) };
  return notes.map((_, at) => tellNote(line, at));
}

interface Line {
  readonly notes: readonly MelodyNote[];
  readonly chords: readonly MelodyChord[];
  /** For each note the position of its chord, -1 where there is none. */
  readonly under: readonly number[];
}

function chordsUnder(notes: readonly MelodyNote[], chords: readonly MelodyChord[]): number[] {
  let last = 0;
  return notes.map(({ at }) => {
    while (last + 1 < chords.length && chords[last + 1]!.at <= at) last += 1;
    const chord = chords[last];
    return chord && chord.at <= at && at < chord.end ? last : -1;
  });
}

function tellNote(line: Line, at: number): ToldNote {
  const under = line.under[at]!;
  const here = line.chords[under];
  if (!here?.chord) return { part: 'no chord' };
  const { midi } = line.notes[at]!;
  const part = partOf(here, midi);
  return {
    chord: under,
    degree: degreeOn(here.chord, midi),
    part,
    ...(part === 'tension' && isIn(here.avoid, midi) ? { avoid: true } : {}),
    ...approachOf(line, at),
    ...sevenToThree(line, at),
    ...foreshadowing(line, at, part),
  };
}

const degreeOn = ({ root, tones }: PitchedChord, midi: number): Degree =>
  plainDegree(
    tones.map(({ degree }) => degree),
    pitchClass(midi - pitchClassOf(root)),
  );

const isIn = (notes: readonly NoteName[], midi: number): boolean =>
  notes.some((note) => pitchClassOf(note) === pitchClass(midi));

const isChordTone = ({ chord }: MelodyChord, midi: number): boolean =>
  !!chord?.tones.some(({ note }) => pitchClassOf(note) === pitchClass(midi));

function partOf(here: MelodyChord, midi: number): MelodyPart {
  if (isChordTone(here, midi)) return 'chord tone';
  return isIn(here.pool, midi) ? 'tension' : 'outside';
}

/** Whether a note is a tone of the chord that sounds when it begins. */
const lands = ({ notes, chords, under }: Line, at: number): boolean => {
  const here = chords[under[at] ?? -1];
  return !!here && isChordTone(here, notes[at]!.midi);
};

/** Towards the next note, or as the first of two that enclose the one after it. */
function approachOf(line: Line, at: number): Pick<ToldNote, 'approach'> {
  const before = enclosed(line, at - 1);
  if (before !== undefined) return { approach: step(line, at, before, true) };
  const after = enclosed(line, at);
  if (after !== undefined) return { approach: step(line, at, after, true) };
  const by = distance(line, at, at + 1);
  const leads = lands(line, at + 1) && !lands(line, at) && isStep(by);
  return leads ? { approach: step(line, at, at + 1, false) } : {};
}

/** The chord tone that a note and the next enclose from both sides, one of them no chord tone itself. */
function enclosed(line: Line, at: number): number | undefined {
  const target = at + 2;
  if (at < 0 || target >= line.notes.length || !lands(line, target)) return undefined;
  const [first, second] = [distance(line, at, target), distance(line, at + 1, target)];
  const round = isStep(first) && isStep(second) && Math.sign(first) !== Math.sign(second);
  return round && !(lands(line, at) && lands(line, at + 1)) ? target : undefined;
}

/** Semitones from one note up to another; more than any step where there is no other. */
function distance({ notes }: Line, from: number, to: number): number {
  const target = notes[to];
  return target ? target.midi - notes[from]!.midi : Infinity;
}

const isStep = (semitones: number): boolean =>
  Math.abs(semitones) === 1 || Math.abs(semitones) === 2;

function step(line: Line, from: number, to: number, encloses: boolean): Approach {
  const up = distance(line, from, to);
  return {
    to,
    from: up > 0 ? 'below' : 'above',
    semitones: Math.abs(up) === 1 ? 1 : 2,
    encloses,
  };
}

const SEVENTHS: readonly Degree[] = ['7', 'b7', 'bb7'];
const THIRDS: readonly Degree[] = ['3', 'b3'];

function sevenToThree(line: Line, at: number): Pick<ToldNote, 'sevenToThree'> {
  const { notes, chords, under } = line;
  const [here, there] = [chords[under[at]!]?.chord, chords[under[at + 1] ?? -1]?.chord];
  if (!here || !there || under[at + 1] !== under[at]! + 1) return {};
  const falls = -distance(line, at, at + 1);
  const fits =
    SEVENTHS.includes(degreeOn(here, notes[at]!.midi)) &&
    THIRDS.includes(degreeOn(there, notes[at + 1]!.midi)) &&
    (falls === 1 || falls === 2);
  return fits ? { sevenToThree: true } : {};
}

function foreshadowing(
  { notes, chords, under }: Line,
  at: number,
  part: MelodyPart,
): Pick<ToldNote, 'foreshadows'> {
  const here = chords[under[at]!]!;
  const next = chords[under[at]! + 1];
  const note = notes[at]!;
  const early = here.end - note.at <= EARLY;
  if (part === 'chord tone' || !early || !next?.chord || !isChordTone(next, note.midi)) return {};
  return { foreshadows: degreeOn(next.chord, note.midi) };
}

/**
 * A stand-in for the soloist: a plain line over the changes, to comp behind when nobody plays.
 *
 * Every two bars it says a phrase and then rests. Within a phrase it runs in eighths: where a chord begins
 * it aims for the nearest guide tone, which it comes to from a half step above and then below; between
 * aims it walks through the tones of the chord. The last note of a phrase is held into the rest.
 * Source: common practice.
 */
import { pitchClassOf } from '../../pitch/spelling';
import type { Timeline } from '../../chart/timeline';
import type { PitchedChord } from '../../chord/types';
import { midi, pitchClass, ticks, type PitchClass } from '../../base/units';
import type { PitchRange } from '../../voicing/base/types';
import { chanceFrom, type Chance } from '../base/chance';
import { EIGHTH, inTicks } from '../base/time';
import type { SoloNote } from './types';

export interface StandInRequest {
  readonly timeline: Timeline;
  /** How much it plays: about a third, a half, or two thirds of the time. */
  readonly density: 1 | 2 | 3;
  /** An octave or more. */
  readonly range: PitchRange;
  /** Any integer; the same one gives the same line. */
  readonly seed: number;
}

/** By density: least and most eighths of every sixteen that a phrase runs. */
const EIGHTHS = { 1: [4, 6], 2: [6, 9], 3: [9, 12] } as const;
const CELL = 16;
/** Eighths by which a phrase may come late. */
const LATEST = 3;
/** The last note of a phrase is held so many eighths, and not into the next phrase. */
const HELD = { least: 1, most: 6 };
/** How hard its notes are struck. */
const VELOCITY = 84;
/** How likely the line is to turn at any tone. */
const TURNS = 0.2;

/** A line over the whole chorus, on the straight grid, in order of time. */
export function standInLine(request: StandInRequest): SoloNote[] {
  const { timeline, density, range, seed } = request;
  const chance = chanceFrom(seed);
  const eighths = Math.floor(inTicks(timeline.length) / EIGHTH);
  const [least, most] = EIGHTHS[density];
  const line: SoloNote[] = [];
  let from = middleOf(range);
  for (let cell = 0; cell < eighths; cell += CELL) {
    const begin = cell + between(chance, 0, LATEST);
    const end = Math.min(begin + between(chance, least, most), eighths);
    const left = cell + CELL - end + 1;
    const phrase = phraseOver(request, chance, { begin, end, left }, from);
    line.push(...phrase);
    from = phrase.at(-1)?.midi ?? from;
  }
  return line;
}

const middleOf = ({ low, high }: PitchRange): number => Math.round((low + high) / 2);

const between = (chance: Chance, least: number, most: number): number =>
  least + Math.floor(chance.next() * (most - least + 1));

/** In eighths: from one on up to, not including, another, and how many are left for the last note. */
interface Span {
  readonly begin: number;
  readonly end: number;
  readonly left: number;
}

/** A phrase; a chord that rests has none. */
function phraseOver(
  { timeline, range }: StandInRequest,
  chance: Chance,
  { begin, end, left }: Span,
  from: number,
): SoloNote[] {
  const notes: SoloNote[] = [];
  let here = from;
  let aim: number | undefined;
  let up = chance.next() < 0.5;
  for (let eighth = begin; eighth < end; eighth += 1) {
    const chord = chordAt(timeline, eighth);
    if (!chord) continue;
    const [next, afterNext] = [1, 2].map((ahead) => beginning(timeline, eighth + ahead, end));
    if (aim !== undefined && beginning(timeline, eighth, end)) {
      here = aim;
      aim = undefined;
    } else if (afterNext && !next) {
      aim = nearest(guidesOf(afterNext), here, range);
      here = above(aim, range);
    } else if (next && aim !== undefined) {
      here = below(aim, range);
    } else {
      if (chance.next() < TURNS) up = !up;
      const tone =
        nextTone(tonesOf(chord), here, up, range) ?? nextTone(tonesOf(chord), here, !up, range);
      if (tone !== undefined && tone > here !== up) up = !up;
      here = tone ?? nearest(tonesOf(chord), here, range);
    }
    const held = eighth === end - 1 ? between(chance, HELD.least, Math.min(HELD.most, left)) : 1;
    notes.push({
      midi: midi(here),
      at: ticks(eighth * EIGHTH),
      length: ticks(held * EIGHTH),
      velocity: VELOCITY,
    });
  }
  return notes;
}

function chordAt({ events }: Timeline, eighth: number): PitchedChord | undefined {
  const at = eighth * EIGHTH;
  const event = events.filter((each) => inTicks(each.at) <= at).at(-1);
  return event?.chord.kind === 'chord' ? event.chord : undefined;
}

/** The chord that begins at an eighth of the phrase. */
function beginning({ events }: Timeline, eighth: number, end: number): PitchedChord | undefined {
  if (eighth >= end) return undefined;
  const event = events.find((each) => inTicks(each.at) === eighth * EIGHTH);
  return event?.chord.kind === 'chord' ? event.chord : undefined;
}

const tonesOf = ({ tones }: PitchedChord): PitchClass[] =>
  tones.map(({ note }) => pitchClassOf(note));

const guidesOf = ({ tones, guideTones }: PitchedChord): PitchClass[] =>
  tones.filter(({ degree }) => guideTones.includes(degree)).map(({ note }) => pitchClassOf(note));

const pitchesIn = ({ low, high }: PitchRange, classes: readonly PitchClass[]): number[] =>
  Array.from({ length: high - low + 1 }, (_, at) => low + at).filter((pitch) =>
    classes.includes(pitchClass(pitch)),
  );

/** Of some pitch classes the pitch in the range that lies nearest; of two as near the lower. */
const nearest = (classes: readonly PitchClass[], to: number, range: PitchRange): number =>
  pitchesIn(range, classes).reduce(
    (best, pitch) => (Math.abs(pitch - to) < Math.abs(best - to) ? pitch : best),
    Infinity,
  );

/** The next pitch of some classes above or below one. */
function nextTone(
  classes: readonly PitchClass[],
  from: number,
  up: boolean,
  range: PitchRange,
): number | undefined {
  const pitches = pitchesIn(range, classes);
  return up
    ? pitches.find((pitch) => pitch > from)
    : pitches.filter((pitch) => pitch < from).at(-1);
}

/** A half step above or below an aim; the other way where the range ends. */
const above = (aim: number, { high }: PitchRange): number => (aim < high ? aim + 1 : aim - 1);
const below = (aim: number, { low }: PitchRange): number => (aim > low ? aim - 1 : aim + 1);

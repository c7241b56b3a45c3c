/**
 * Licks laid over a chorus with chords in the gaps: the line calls and the chords answer, or the other way round.
 *
 * The chorus is filled cell by cell, a cell being a lick and its answer: the first said twice, then another, as a
 * blues is told. Each lick is moved to the key of the tune, or to the root of the chord it begins on, into the
 * player's range. What is left at the end of the chorus, too short for a cell, is left to the comp. Source: common
 * practice.
 */
import { fail, ok, type Result } from '../../base/result';
import { midi, pitchClass, ticks, type PitchClass } from '../../base/units';
import { quartersInBar } from '../../chart/meter';
import type { PlayedBar } from '../../chart/playOrder';
import type { ChartEvent, Timeline } from '../../chart/timeline';
import type { Meter } from '../../chart/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchName } from '../../voicing/base/pitchName';
import type { PitchRange } from '../../voicing/base/types';
import { chanceFrom } from '../base/chance';
import { gridOf, inTicks } from '../base/time';
import type { Hit } from '../base/types';
import { readBar } from '../patterns/patterns';
import { ANSWER_RHYTHMS } from '../solo/answerRhythms';
import type { SoloNote } from '../solo/types';
import type { ReadLick } from './types';

export const CALLERS = ['line', 'chords'] as const;
/** Who calls; the other answers. */
export type Caller = (typeof CALLERS)[number];

export const LICK_PLACES = ['key', 'chord'] as const;
/** Whether licks stand in the key of the tune or on the root of each chord. */
export type LickPlace = (typeof LICK_PLACES)[number];

export interface LayRequest {
  readonly timeline: Timeline;
  readonly meter: Meter;
  readonly licks: readonly ReadLick[];
  /** The root of the key of the tune. */
  readonly home: PitchClass;
  /** What the player's instrument has. */
  readonly range: PitchRange;
  readonly calls: Caller;
  readonly place: LickPlace;
  /** Any integer; the same one lays the same. */
  readonly seed: number;
}

export interface LaidLick {
  readonly name: string;
  /** Bars of the lick itself. */
  readonly fromBar: number;
  readonly toBar: number;
}

export interface LaidLicks {
  /** Straight, from the beginning of bar 1. */
  readonly notes: readonly SoloNote[];
  /** The answers, or the calls of the chords. */
  readonly hits: readonly Hit[];
  readonly laid: readonly LaidLick[];
  /** Why licks were left out, a sentence for each. */
  readonly leftOut: readonly string[];
}

/** Lays licks over one chorus, those that fit it; a sentence for the player where none does. */
export function layLicks(request: LayRequest): Result<LaidLicks, string> {
  const { licks, timeline, meter } = request;
  if (!licks.length) return fail('There is no lick in the bank yet: write one first.');
  const bars = timeline.bars.filter(({ number }) => number > 0);
  const odd = bars.find((bar) => quartersInBar(bar.meter) !== quartersInBar(meter));
  if (odd) return fail(`Bar ${odd.number} has another meter; licks are laid in one meter.`);
  const judged = licks.map((lick) => ({ lick, why: whyNot(lick, bars, request) }));
  const fitting = judged.flatMap(({ lick, why }) => (why === undefined ? [lick] : []));
  const leftOut = judged.flatMap(({ why }) => (why === undefined ? [] : [why]));
  if (!fitting.length) return fail(leftOut.join(' '));
  return ok({ ...cellsOver({ ...request, licks: fitting }, bars), leftOut });
}

/** Why a lick cannot be laid over some bars, as a sentence; none where it can. */
function whyNot(
  lick: ReadLick,
  bars: readonly PlayedBar[],
  request: LayRequest,
): string | undefined {
  if (cellOf(lick) > bars.length) {
    return `“${lick.name}” takes ${cellOf(lick)} bars with its answer, the chorus has ${bars.length}.`;
  }
  const bar = bars.find((each) => !notesAt(lick, each, request));
  if (!bar) return undefined;
  const [low, high] = [pitchName(request.range.low), pitchName(request.range.high)];
  return `“${lick.name}” has no place in bar ${bar.number} between ${low} and ${high}, the range of the instrument.`;
}

const answerBars = ({ answer }: ReadLick): number => Math.max(1, answer.length);
const cellOf = (lick: ReadLick): number => lick.bars + answerBars(lick);

/** Which licks come one after the other: each new one is said twice, the one after it once. */
const SAID = [0, 0, 1] as const;

function cellsOver(request: LayRequest, bars: readonly PlayedBar[]): Omit<LaidLicks, 'leftOut'> {
  const { licks, calls, seed, meter } = request;
  const chance = chanceFrom(seed);
  const order = [...licks].sort(() => chance.next() - 0.5);
  const notes: SoloNote[] = [];
  const hits: Hit[] = [];
  const laid: LaidLick[] = [];
  for (let bar = 0, cell = 0; bar < bars.length; cell += 1) {
    const round = Math.floor(cell / SAID.length) * 2;
    const lick = order[(round + SAID[cell % SAID.length]!) % order.length]!;
    if (bar + cellOf(lick) > bars.length) break;
    const [lickAt, answerAt] =
      calls === 'line' ? [bar, bar + lick.bars] : [bar + answerBars(lick), bar];
    const first = bars[lickAt]!;
    notes.push(...(notesAt(lick, first, request) ?? []));
    hits.push(...answerOf(lick, bars.slice(answerAt, answerAt + answerBars(lick)), meter, order));
    const { name } = lick;
    laid.push({ name, fromBar: first.number, toBar: bars[lickAt + lick.bars - 1]!.number });
    bar += cellOf(lick);
  }
  return { notes, hits, laid };
}

/** Octaves in which a lick is looked for, in semitones. */
const OCTAVES = [-36, -24, -12, 0, 12, 24];

/**
 * A lick where it stands, moved to its key or chord, in the octave nearest to the middle of the range; none that
 * is not in it.
 */
function notesAt(
  { notes, root }: ReadLick,
  bar: PlayedBar,
  { timeline, home, range, place }: LayRequest,
): SoloNote[] | undefined {
  const target = place === 'key' ? home : (rootAt(timeline.events, bar) ?? home);
  const pitches = notes.map((note) => note.midi as number);
  const [lowest, highest] = [Math.min(...pitches), Math.max(...pitches)];
  const off = (by: number): number => Math.abs(lowest + highest + 2 * by - range.low - range.high);
  const [by] = OCTAVES.map((octave) => octave + pitchClass(target - root))
    .filter((each) => lowest + each >= range.low && highest + each <= range.high)
    .sort((a, b) => off(a) - off(b));
  if (by === undefined) return undefined;
  const from = inTicks(bar.at);
  return notes.map((note) => ({ ...note, midi: midi(note.midi + by), at: ticks(from + note.at) }));
}

function rootAt(events: readonly ChartEvent[], { at }: PlayedBar): PitchClass | undefined {
  const event = events.filter((each) => each.at <= at).at(-1);
  return event?.chord.kind === 'chord' ? pitchClassOf(event.chord.root) : undefined;
}

/** The answer of a lick; one that has none of its own gets a plain one, always the same for the same lick. */
function answerOf(
  lick: ReadLick,
  bars: readonly PlayedBar[],
  meter: Meter,
  order: readonly ReadLick[],
): Hit[] {
  if (lick.answer.length) {
    return bars.flatMap(({ number }, at) => readBar(lick.answer[at]!, number));
  }
  const size = lick.bars > 1 ? 3 : 2;
  const rhythms = ANSWER_RHYTHMS[size];
  const rhythm = rhythms[order.indexOf(lick) % rhythms.length]!;
  const grid = gridOf(meter);
  return Array.from(rhythm).flatMap((sign, eighth): Hit[] => {
    const at = grid[eighth + 1];
    if (sign !== 'x' || at === undefined) return [];
    const plain = { length: ticks(240), hold: 'short', touch: 'plain', accent: false } as const;
    return [{ bar: bars[0]!.number, at, ...plain }];
  });
}

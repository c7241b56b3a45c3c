/**
 * A melody or a solo told against the changes: every note, and of every phrase how much of it stands on its chords and
 * where it leads. Source of the terms: common practice.
 */
import { melodyChords, tellMelody, type MelodyChord, type ToldNote } from '../../analysis/melody';
import type { ChordAnalysis } from '../../analysis/base/types';
import type { PlayedBar } from '../../chart/playOrder';
import type { Timeline } from '../../chart/timeline';
import { barsInList } from '../../base/words';
import { TICKS_PER_QUARTER } from '../base/time';
import { phrasesOf, SOLO_SIZES } from './phrases';
import type { SoloNote } from './types';

/** What a phrase comes to. */
export interface ToldPhrase {
  readonly fromBar: number;
  readonly toBar: number;
  /** Positions of its first and its last note. */
  readonly first: number;
  readonly last: number;
  /** Notes on strong beats, and how many of them are tones of their chord. */
  readonly strong: { readonly tones: number; readonly of: number };
  /** Chord tones that are approached or enclosed. */
  readonly targets: number;
  /** 7s that fall to the 3 of the next chord. */
  readonly resolved: number;
  readonly outside: number;
}

/** A line with what is told of it. Bars count on through all choruses that it lasts. */
export interface ToldLine {
  /** One voice, in order of time. */
  readonly notes: readonly SoloNote[];
  readonly chords: readonly MelodyChord[];
  readonly told: readonly ToldNote[];
  readonly phrases: readonly ToldPhrase[];
  /** The bars of all choruses. */
  readonly bars: readonly PlayedBar[];
  /** What could not be told, in sentences. */
  readonly problems: readonly string[];
}

/** Every note against the chord that sounds when it begins; of notes struck together the top one. */
export function tellLine(
  line: readonly SoloNote[],
  timeline: Timeline,
  analyses: readonly ChordAnalysis[],
): ToldLine {
  const notes = topVoice(line);
  const times = timesThrough(notes, timeline);
  const bars = overChoruses(timeline, times);
  const once = melodyChords(timeline.events, analyses);
  const chords = repeated(once, timeline.length, times);
  const told = tellMelody(notes.map(inQuarters), chords);
  return {
    ...{ notes, chords, told, bars },
    phrases: phrasesOf(notes).map((phrase) => {
      const first = notes.indexOf(phrase.notes[0]!);
      return toldPhrase(notes, told, bars, first, first + phrase.notes.length - 1);
    }),
    problems: problemsOf(line, notes, told, bars),
  };
}

const inQuarters = ({ midi, at, length }: SoloNote) => ({
  midi,
  at: at / TICKS_PER_QUARTER,
  length: length / TICKS_PER_QUARTER,
});

function topVoice(line: readonly SoloNote[]): SoloNote[] {
  const sorted = [...line].sort((a, b) => a.at - b.at || b.midi - a.midi);
  return sorted.filter(({ at }, position) => at !== sorted[position - 1]?.at);
}

function timesThrough(notes: readonly SoloNote[], { length }: Timeline): number {
  const last = notes.at(-1);
  if (!last || length <= 0) return 1;
  return Math.max(1, Math.floor(last.at / TICKS_PER_QUARTER / length) + 1);
}

/** A pickup is played once. */
function overChoruses({ bars, length }: Timeline, times: number): PlayedBar[] {
  const counted = bars.filter(({ number }) => number > 0);
  return Array.from({ length: times }, (_, time) =>
    (time === 0 ? bars : counted).map((bar) => ({
      ...bar,
      number: bar.number + time * counted.length,
      at: (bar.at + time * length) as PlayedBar['at'],
    })),
  ).flat();
}

const repeated = (chords: readonly MelodyChord[], length: number, times: number): MelodyChord[] =>
  Array.from({ length: times }, (_, time) =>
    chords
      .filter(({ at }) => time === 0 || at >= 0)
      .map((chord) => ({ ...chord, at: chord.at + time * length, end: chord.end + time * length })),
  ).flat();

function toldPhrase(
  notes: readonly SoloNote[],
  told: readonly ToldNote[],
  bars: readonly PlayedBar[],
  first: number,
  last: number,
): ToldPhrase {
  const own = told.slice(first, last + 1);
  const strong = own.filter(
    ({ part }, at) => part !== 'no chord' && isStrong(notes[first + at]!, bars),
  );
  const targets = own.flatMap(({ approach }) => (approach ? [approach.to] : []));
  return {
    fromBar: barAt(notes[first]!, bars)?.number ?? 0,
    toBar: barAt(notes[last]!, bars)?.number ?? 0,
    ...{ first, last },
    strong: {
      tones: strong.filter(({ part }) => part === 'chord tone').length,
      of: strong.length,
    },
    targets: new Set(targets).size,
    resolved: own.filter(({ sevenToThree }) => sevenToThree).length,
    outside: own.filter(({ part }) => part === 'outside').length,
  };
}

export const barAt = ({ at }: SoloNote, bars: readonly PlayedBar[]): PlayedBar | undefined =>
  bars.filter((bar) => bar.at * TICKS_PER_QUARTER <= at + SOLO_SIZES.lead / 2).at(-1);

/** On the first beat of its bar, or on the middle one of an even number; a sixteenth of a quarter either way. */
function isStrong(note: SoloNote, bars: readonly PlayedBar[]): boolean {
  const bar = barAt(note, bars);
  if (!bar) return false;
  const { beats, unit } = bar.meter;
  const beat = (4 / unit) * TICKS_PER_QUARTER;
  const strong = beats % 2 === 0 && beats > 2 ? [0, beats / 2] : [0];
  const within = note.at - bar.at * TICKS_PER_QUARTER;
  return strong.some((each) => Math.abs(within - each * beat) <= TICKS_PER_QUARTER / 16);
}

function problemsOf(
  line: readonly SoloNote[],
  notes: readonly SoloNote[],
  told: readonly ToldNote[],
  bars: readonly PlayedBar[],
): string[] {
  const bare = notes.filter((_, at) => told[at]!.part === 'no chord');
  const where = [...new Set(bare.map((note) => barAt(note, bars)?.number ?? 0))];
  const under = line.length - notes.length;
  return [
    ...(bare.length
      ? [
          `${counted(bare.length, 'note')} in ${barsInList(where)} without a chord: only the name is told.`,
        ]
      : []),
    ...(under
      ? [
          `${counted(under, 'note')} struck under another at the same time: only the top voice is told.`,
        ]
      : []),
  ];
}

const counted = (count: number, what: string): string =>
  `${count} ${what}${count === 1 ? '' : 's'}`;

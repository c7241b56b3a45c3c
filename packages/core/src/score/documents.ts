/**
 * Documents: scores of one part, made from what a tune is, for whoever reads them. The chart is moved to where its reader's
 * instrument is written, with the spelling of the moved key, and the notes with it.
 */
import { keyOf } from '../analysis/base/key';
import { transposeChart } from '../analysis/transposeChart';
import type { Degree } from '../chord/degrees';
import { quarters, ticks, type Midi, type Ticks } from '../base/units';
import { timeline, type Timeline } from '../chart/timeline';
import type { Chart, Feel } from '../chart/types';
import type { SoundingHit } from '../comp/base/sounding';
import { inTicks } from '../comp/base/time';
import { intervalBetween, moveNote, type Interval } from '../pitch/interval';
import type { NoteName } from '../pitch/spelling';
import type { Instrument, Voicing } from '../voicing/base/types';
import { playedFrame, severalTimes, writtenFrame } from './frames';
import { compPart, linePart, rhythmPart, slashPart, voicingsPart } from './parts';
import { READERS, type ReaderId } from './readers';
import type { Score, ScoreMeasure, ScorePart } from './types';

/** What stands over every document. */
export interface SheetHead {
  readonly title: string;
  /** As it sounds: `Eb` or `Cm`. */
  readonly key: string;
  /** In quarter notes a minute. */
  readonly tempo: number;
  readonly feel: Feel;
}

/** The tune that a document is of. */
export interface SheetTune extends SheetHead {
  readonly chart: Chart;
}

const OCTAVE = 12;

/** A tune as its reader has it: the chart moved, its key, and how notes are moved with it. */
export interface Read {
  readonly chart: Chart;
  readonly key: string;
  readonly interval: Interval;
}

/** A tune in the key its reader's instrument is written in. */
export function readBy({ chart, key }: SheetTune, reader: ReaderId): Read {
  const up = ((-READERS[reader].sounds % OCTAVE) + OCTAVE) % OCTAVE;
  const inKey: Chart = { ...chart, header: { ...chart.header, key } };
  const moved = transposeChart(inKey, up);
  const written = moved.header.key ?? key;
  const interval = intervalBetween(keyOf(key).name, keyOf(written).name);
  return { chart: moved, key: written, interval };
}

/** A score of one part. */
export const scoreOf = (
  { title, tempo, feel }: SheetHead,
  key: string,
  measures: readonly ScoreMeasure[],
  part: ScorePart,
): Score => ({ title, key, tempo, feel, measures, parts: [part] });

/** The chart as it is written, repeats and all, to be filled by whoever reads it. */
export function leadSheet(tune: SheetTune, reader: ReaderId = 'concert'): Score {
  const { chart, key } = readBy(tune, reader);
  const measures = writtenFrame(chart);
  const { label, sounds, clef } = READERS[reader];
  const part = slashPart(label, measures);
  return scoreOf(tune, key, measures, { ...part, staves: [clef], writtenAbove: -sounds });
}

/** A note of a line, from the beginning of bar 1. */
export interface SheetNote {
  readonly midi: Midi;
  readonly note: NoteName;
  readonly at: Ticks;
  readonly length: Ticks;
  /** What it is on its chord, written under it. */
  readonly degree?: Degree;
}

/**
 * A line over the tune as it is played, as its reader has it; a pickup before bar 1 comes first.
 * @param times how many choruses it lasts
 */
export function lineSheet(
  tune: SheetTune,
  name: string,
  line: readonly SheetNote[],
  reader: ReaderId = 'concert',
  times = 1,
): Score {
  const { chart, key, interval } = readBy(tune, reader);
  const time: Timeline = timeline(chart);
  const measures = severalTimes(playedFrame(time), times);
  const start = inTicks(time.bars[0]?.at ?? quarters(0));
  const own = line.map(({ note, at, ...rest }) => ({
    ...{ ...rest, note: moveNote(note, interval) },
    at: ticks(at - start),
  }));
  const part = linePart(name, own, measures);
  const { sounds, clef } = READERS[reader];
  const staves = reader === 'concert' ? part.staves : [clef];
  return scoreOf(tune, key, measures, { ...part, staves, writtenAbove: -sounds });
}

/** How a tune is played on an instrument: over its chorus, or over all choruses. */
export interface SheetChords {
  readonly name: string;
  readonly instrument: Instrument;
  readonly timeline: Timeline;
  /** The voicing of each event; as many. */
  readonly path: readonly Voicing[];
}

/** Every voicing of the chorus as long as its chord lasts: a staff over its tab, or two staves. */
export function voicingsSheet(head: SheetHead, { path, ...chords }: SheetChords): Score {
  const measures = playedFrame(chords.timeline);
  return scoreOf(head, head.key, measures, voicingsPart({ ...chords, measures }, path));
}

/** The comp as it is written, hit by hit, with the voicings it plays. */
export function compSheet(
  head: SheetHead,
  { path, ...chords }: SheetChords,
  hits: readonly SoundingHit[],
): Score {
  const measures = playedFrame(chords.timeline);
  return scoreOf(head, head.key, measures, compPart({ ...chords, measures }, hits, path));
}

/** The rhythm of the comp alone, in slashes under its symbols. */
export function rhythmSheet(
  head: SheetHead,
  { name, timeline: time }: Pick<SheetChords, 'name' | 'timeline'>,
  hits: readonly SoundingHit[],
): Score {
  const measures = playedFrame(time);
  return scoreOf(
    head,
    head.key,
    measures,
    rhythmPart({ name, timeline: time, measures }, hits, head.key),
  );
}

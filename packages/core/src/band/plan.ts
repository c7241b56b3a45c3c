import { quartersInBar } from '../chart/meter';
import type { PlayedBar } from '../chart/playOrder';
import type { Timeline } from '../chart/timeline';
import type { Feel, Meter } from '../chart/types';
import { plainHits } from '../comp/plainHits';
import type { SoloNote } from '../comp/solo/types';
import { soundingHits, type SoundingHit } from '../comp/base/sounding';
import { inQuarters } from '../comp/base/time';
import type { Voicing } from '../voicing/base/types';
import { bassLine } from './bass';
import { BY_FEEL, DRUMS, LOUDNESS, TOUCH } from './data';
import { drumBar } from './drums';
import { hitNotes } from './hitNotes';
import { offbeat } from './swing';
import type { BassStyle, DrumStyle, Resting } from '../comp/styles';
import type { Kit, PlannedNote } from './types';

export interface PlanRequest {
  readonly timeline: Timeline;
  /** One voicing for each event of the timeline. */
  readonly path: readonly Voicing[];
  readonly feel: Feel;
  /** Quarter notes a minute; decides how much the eighths swing. */
  readonly tempo: number;
  /** When the chords sound; plainly, where they begin and at every bar line, when left out. */
  readonly sounding?: readonly SoundingHit[];
  /** A solo line as it is heard. */
  readonly line?: readonly SoloNote[];
  /** Roots by default. */
  readonly bass?: BassStyle;
  /** Ride and hat by default. */
  readonly drums?: DrumStyle;
  /** Where the offbeat eighth falls, as a part of the quarter; as feel and tempo have it when left out. */
  readonly offbeat?: number;
  /** A click on every beat too. Default none. */
  readonly click?: boolean;
  /** What is said of single bars. */
  readonly barAt?: (bar: number) => BarManner;
  /** First and last bar to play, from 1; the whole chorus when left out. */
  readonly fromBar?: number;
  readonly toBar?: number;
}

/** How a bar is played. */
export interface BarManner {
  /** 1..5. */
  readonly loudness: number;
  readonly rests: readonly Resting[];
}

/** Times of a plan are in quarter notes; `length` is where a loop comes round. */
export interface BandPlan {
  readonly notes: readonly PlannedNote[];
  readonly length: number;
  /** How long a pickup sounds before 0, once; its notes have times below 0. 0 without one. */
  readonly pickup: number;
  /** Sticks when left out. */
  readonly kit?: Kit;
}

/** Comp, bass, drums and soloist over a stretch of the chorus, in order of time. */
export function bandPlan(request: PlanRequest): BandPlan {
  const { timeline, fromBar, toBar } = request;
  const bars = timeline.bars.filter(
    ({ number }) => number >= (fromBar ?? 0) && number <= (toBar ?? Infinity),
  );
  const start = bars.find(({ number }) => number > 0)?.at ?? 0;
  const last = bars.at(-1);
  const length = last ? last.at + quartersInBar(last.meter) - start : 0;
  const pickup = bars[0]?.number === 0 ? 0 - bars[0].at : 0;
  const drums = styleOf(request, 'drums');
  const manner = mannerOf(request);
  const notes = [
    ...compNotes(request),
    ...bassLine(timeline, styleOf(request, 'bass')),
    ...bars
      .filter(({ number }) => number > 0)
      .flatMap((bar) => drumBar(bar, drums, offbeatOf(request))),
    ...soloNotes(request),
    ...(request.click ? clicksOver(bars) : []),
  ]
    .filter(({ at }) => at >= start - pickup - AHEAD && at < start + length)
    .flatMap(manner)
    .map((note) => within(note, start + length))
    .map((note) => ({ ...note, at: note.at - start }))
    .sort((a, b) => a.at - b.at);
  return { notes, length, pickup, kit: drums === 'brushes' ? 'brushes' : 'sticks' };
}

/** A grace note before the first one still belongs to the stretch, in quarters. */
const AHEAD = 0.1;

function styleOf<K extends 'bass' | 'drums'>(
  { feel, bass = 'roots', drums = 'ride' }: PlanRequest,
  part: K,
): (typeof BY_FEEL)[Feel][K] {
  const chosen = { bass, drums }[part];
  return (chosen === 'by the feel' ? BY_FEEL[feel][part] : chosen) as (typeof BY_FEEL)[Feel][K];
}

const offbeatOf = ({ feel, tempo, offbeat: and }: PlanRequest): number =>
  and ?? offbeat(feel, tempo);

/** Nothing sounds on past the end of the stretch. */
const within = (note: PlannedNote, end: number): PlannedNote =>
  note.at + note.length > end ? { ...note, length: end - note.at } : note;

/** Leaves out who rests, and makes the rest as loud as planned. The soloist is left alone. */
function mannerOf({ timeline, barAt }: PlanRequest): (note: PlannedNote) => PlannedNote[] {
  if (!barAt) return (note) => [note];
  const barOf = barFinder(timeline.bars);
  return (note) => {
    if (note.part === 'solo' || note.part === 'click') return [note];
    const { loudness, rests } = barAt(barOf(note.at));
    if ((rests as readonly string[]).includes(note.part)) return [];
    const velocity = Math.round(note.velocity * LOUDNESS[loudness - 1]!);
    return [{ ...note, velocity: Math.min(127, Math.max(1, velocity)) }];
  };
}

function barFinder(bars: readonly PlayedBar[]): (at: number) => number {
  return (at) => {
    let [low, high] = [0, bars.length - 1];
    while (low < high) {
      const middle = Math.ceil((low + high) / 2);
      if (bars[middle]!.at <= at) low = middle;
      else high = middle - 1;
    }
    return bars[low]?.number ?? 1;
  };
}

/** A voice is let go so long before the end of its hit that the next can be heard to begin, in quarters. */
const RELEASE = 0.04;

function compNotes(request: PlanRequest): PlannedNote[] {
  const { timeline, path } = request;
  const offbeat = offbeatOf(request);
  const sounding =
    request.sounding ?? soundingHits(plainHits(timeline), { timeline, offbeat, loop: true });
  return sounding.flatMap((hit) => {
    const voicing = path[hit.chord];
    if (!voicing) return [];
    return hitNotes(hit, voicing).map((note) => ({
      ...note,
      length: Math.max(note.length / 2, note.length - RELEASE),
    }));
  });
}

const soloNotes = ({ line = [] }: PlanRequest): PlannedNote[] =>
  line.map(({ midi, at, length, velocity }) => ({
    part: 'solo',
    midi,
    at: inQuarters(at),
    length: inQuarters(length),
    velocity,
  }));

/** One bar of clicks before the music, the first of them stronger. */
export function countIn(meter: Meter): BandPlan {
  return { notes: clicksIn(meter, 0), length: quartersInBar(meter), pickup: 0 };
}

const clicksOver = (bars: readonly PlayedBar[]): PlannedNote[] =>
  bars.filter(({ number }) => number > 0).flatMap(({ meter, at }) => clicksIn(meter, at));

function clicksIn(meter: Meter, from: number): PlannedNote[] {
  const quarter = 4 / meter.unit;
  return Array.from({ length: meter.beats }, (_, beat) => ({
    part: 'click',
    midi: DRUMS.stick,
    at: from + beat * quarter,
    length: quarter / 2,
    velocity: beat === 0 ? TOUCH.clickOne : TOUCH.click,
  }));
}

import { quartersInBar } from '../chart/meter';
import type { PlayedBar } from '../chart/playOrder';
import type { Timeline } from '../chart/timeline';
import type { Feel } from '../chart/types';
import { plainHits } from '../comp/plainHits';
import type { SoloNote } from '../comp/solo/types';
import { soundingHits, type SoundingHit } from '../comp/base/sounding';
import { inQuarters } from '../comp/base/time';
import type { Voicing } from '../voicing/base/types';
import { bassLine } from './bass';
import { clicksIn } from './countIn';
import { BY_FEEL, DRUMS, LOUDNESS, MEDIUM, TOUCH } from './data';
import { drumBar } from './drums';
import { hitNotes } from './hitNotes';
import { offbeat } from './swing';
import type { BassStyle, DrumStyle, Resting } from '../comp/styles';
import type { BandPlan, PlannedNote } from './types';

export interface PlanRequest {
  readonly timeline: Timeline;
  /** One voicing for each event of the timeline. */
  readonly path: readonly Voicing[];
  readonly feel: Feel;
  /** Quarter notes a minute; decides how much the eighths swing. */
  readonly tempo: number;
  /** When the chords sound; plainly, where they begin and at every bar line, when left out. */
  readonly sounding?: readonly SoundingHit[];
  /** Chords of which what they share with the one before is not struck again, by position; none by default. */
  readonly tied?: (chord: number) => boolean;
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
  const sounding = soundingOf(request);
  const pushes = pushesIn(sounding, timeline);
  const loudnessAt = (bar: number): number => request.barAt?.(bar).loudness ?? MEDIUM;
  const notes = [
    ...compNotes(request, sounding),
    ...bassLine(timeline, styleOf(request, 'bass'), pushes),
    ...bars
      .filter(({ number }) => number > 0)
      .flatMap((bar) => drumBar(bar, drums, offbeatOf(request), loudnessAt(bar.number))),
    ...kicksWith(pushes),
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

function soundingOf(request: PlanRequest): readonly SoundingHit[] {
  const { timeline, sounding } = request;
  const offbeat = offbeatOf(request);
  return sounding ?? soundingHits(plainHits(timeline), { timeline, offbeat, loop: true });
}

/** When each chord that is pushed into is struck, by when it begins. */
function pushesIn(sounding: readonly SoundingHit[], { events }: Timeline): Map<number, number> {
  const pushes = new Map<number, number>();
  for (const { at, chord } of sounding) {
    const begins = events[chord]!.at;
    const struck = inQuarters(at);
    if (struck < begins && begins - struck < 1) pushes.set(begins, struck);
  }
  return pushes;
}

/** The drummer strikes a push with the comp. */
const kicksWith = (pushes: ReadonlyMap<number, number>): PlannedNote[] =>
  [...pushes.values()].map((at) => ({
    ...{ part: 'drums', midi: DRUMS.kick, at, length: 0.25, velocity: TOUCH.kick },
  }));

function compNotes(
  { path, tied = () => false }: PlanRequest,
  sounding: readonly SoundingHit[],
): PlannedNote[] {
  const notes: PlannedNote[] = [];
  /** Where the notes of the last hit stand among all, by pitch. */
  let open = new Map<number, number>();
  for (const hit of sounding) {
    const voicing = path[hit.chord];
    if (!voicing) continue;
    const before = tied(hit.chord) ? open : new Map<number, number>();
    open = new Map();
    for (const note of hitNotes(hit, voicing)) {
      const length = Math.max(note.length / 2, note.length - RELEASE);
      const held = before.get(note.midi);
      if (held === undefined) notes.push({ ...note, length });
      else notes[held] = { ...notes[held]!, length: note.at + length - notes[held]!.at };
      open.set(note.midi, held ?? notes.length - 1);
    }
  }
  return notes;
}

const soloNotes = ({ line = [] }: PlanRequest): PlannedNote[] =>
  line.map(({ midi, at, length, velocity }) => ({
    part: 'solo',
    midi,
    at: inQuarters(at),
    length: inQuarters(length),
    velocity,
  }));

const clicksOver = (bars: readonly PlayedBar[]): PlannedNote[] =>
  bars.filter(({ number }) => number > 0).flatMap(({ meter, at }) => clicksIn(meter, at));

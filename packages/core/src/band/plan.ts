import { quartersInBar } from '../chart/meter';
import type { PlayedBar } from '../chart/playOrder';
import type { ChartEvent, Timeline } from '../chart/timeline';
import type { Feel, Meter } from '../chart/types';
import { pitchClassOf } from '../pitch/spelling';
import { pitchClass } from '../units';
import type { Voicing } from '../voicing/types';
import { DRUMS, LOWEST_BASS, TOUCH } from './data';
import { offbeat } from './swing';
import type { PlannedNote } from './types';

export interface PlanRequest {
  readonly timeline: Timeline;
  /** One voicing for each event of the timeline. */
  readonly path: readonly Voicing[];
  readonly feel: Feel;
  /** Quarter notes a minute; decides how much the eighths swing. */
  readonly tempo: number;
  /** First and last bar to play, from 1; the whole chorus when left out. */
  readonly fromBar?: number;
  readonly toBar?: number;
}

/** Times of a plan are in quarter notes; `length` is where a loop comes round. */
export interface BandPlan {
  readonly notes: readonly PlannedNote[];
  readonly length: number;
  /** How long a pickup sounds before 0, once; its notes have times below 0. 0 without one. */
  readonly pickup: number;
}

/** Bass and drums round the voicings of a stretch of the chorus, in order of time. */
export function bandPlan(request: PlanRequest): BandPlan {
  const { timeline, fromBar, toBar } = request;
  const bars = timeline.bars.filter(
    ({ number }) => number >= (fromBar ?? 0) && number <= (toBar ?? Infinity),
  );
  const start = bars.find(({ number }) => number > 0)?.at ?? 0;
  const last = bars.at(-1);
  const length = last ? endOf(last) - start : 0;
  const pickup = bars[0]?.number === 0 ? -bars[0].at : 0;
  const stretch = { from: start - pickup, to: start + length };
  const sounding = timeline.events
    .map((event, index) => ({ event, voicing: request.path[index] }))
    .filter(({ event }) => event.at + event.length > stretch.from && event.at < stretch.to);
  const barLines = bars.map(({ at }) => at);
  const bassGrid = bars.flatMap(bassTimes);
  const notes = [
    ...sounding.flatMap(({ event, voicing }) =>
      strikes(event, barLines, stretch).flatMap((hit) => compNotes(hit, voicing)),
    ),
    ...sounding.flatMap(({ event }) =>
      strikes(event, bassGrid, stretch).flatMap((hit) => bassNote(hit, event)),
    ),
    ...bars.filter(({ number }) => number > 0).flatMap((bar) => drums(request, bar)),
  ];
  const placed = notes.map((note) => ({ ...note, at: note.at - start }));
  return { notes: placed.sort((a, b) => a.at - b.at), length, pickup };
}

const endOf = ({ at, meter }: PlayedBar): number => at + quartersInBar(meter);

/** One bar of clicks before the music, the first of them stronger. */
export function countIn(meter: Meter): BandPlan {
  const quarter = 4 / meter.unit;
  const notes = Array.from({ length: meter.beats }, (_, beat) => ({
    part: 'click' as const,
    midi: DRUMS.stick,
    at: beat * quarter,
    length: quarter / 2,
    velocity: beat === 0 ? TOUCH.clickOne : TOUCH.click,
  }));
  return { notes, length: meter.beats * quarter, pickup: 0 };
}

interface Strike {
  readonly at: number;
  readonly length: number;
}

interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** A chord is struck where it begins and again at every time of the grid while it lasts. */
function strikes(event: ChartEvent, grid: readonly number[], { from, to }: Stretch): Strike[] {
  const begin = Math.max(event.at, from);
  const stop = Math.min(event.at + event.length, to);
  const times = [begin, ...grid.filter((time) => time > begin && time < stop)];
  return times.map((at, index) => ({ at, length: (times[index + 1] ?? stop) - at }));
}

/** Two-feel: every second beat in even meters, once a bar in others. */
function bassTimes({ at, meter }: PlayedBar): number[] {
  const step = meter.beats % 2 === 0 ? 2 : meter.beats;
  const quarter = 4 / meter.unit;
  return Array.from({ length: meter.beats / step }, (_, index) => at + index * step * quarter);
}

/** A voice is let go a little before the next chord so that it can be heard to begin. */
const RELEASE = 0.95;

const compNotes = ({ at, length }: Strike, voicing: Voicing | undefined): PlannedNote[] =>
  (voicing?.notes ?? []).map((note) => ({
    part: 'comp',
    midi: note.midi,
    at,
    length: length * RELEASE,
    velocity: TOUCH.comp,
  }));

function bassNote({ at, length }: Strike, { chord }: ChartEvent): PlannedNote[] {
  if (chord.kind === 'no chord') return [];
  const pitch = pitchClassOf(chord.bass ?? chord.root);
  const midi = LOWEST_BASS + pitchClass(pitch - LOWEST_BASS);
  return [{ part: 'bass', midi, at, length: length * RELEASE, velocity: TOUCH.bass }];
}

/** Ride on every beat with a skip note before every odd one, hat on the even beats. */
function drums({ feel, tempo }: PlanRequest, { at, meter }: PlayedBar): PlannedNote[] {
  const and = offbeat(feel, tempo);
  const quarter = 4 / meter.unit;
  const hit = (midi: number, beat: number, velocity: number): PlannedNote => ({
    part: 'drums',
    midi,
    at: at + beat * quarter,
    length: quarter / 2,
    velocity,
  });
  return Array.from({ length: meter.beats }, (_, beat) => {
    const ride = hit(DRUMS.ride, beat, TOUCH.rideBeat);
    if (beat % 2 === 0) return [ride];
    return [ride, hit(DRUMS.hat, beat, TOUCH.hat), hit(DRUMS.ride, beat + and, TOUCH.rideSkip)];
  }).flat();
}

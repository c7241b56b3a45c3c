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
  readonly meter: Meter;
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
}

/** Bass and drums round the voicings of a stretch of the chorus, in order of time. */
export function bandPlan(request: PlanRequest): BandPlan {
  const { meter, timeline } = request;
  const first = request.fromBar ?? 1;
  const last = request.toBar ?? timeline.bars.length;
  const quarter = 4 / meter.unit;
  const barLength = meter.beats * quarter;
  const start = (first - 1) * barLength;
  const length = Math.max(0, last - first + 1) * barLength;
  const chords = timeline.events.map((event, index) => {
    const at = ((event.bar - 1) * meter.beats + event.beat - 1) * quarter - start;
    return { event, at, end: at + event.length * quarter, voicing: request.path[index] };
  });
  const sounding = chords.filter(({ at, end }) => end > 0 && at < length);
  const notes = [
    ...sounding.flatMap(({ at, end, voicing }) =>
      strikes(at, end, barLength, length).flatMap((hit) => compNotes(hit, voicing)),
    ),
    ...sounding.flatMap(({ event, at, end }) =>
      strikes(at, end, bassStep(meter) * quarter, length).flatMap((hit) => bassNote(hit, event)),
    ),
    ...drums(request, length, quarter),
  ];
  return { notes: notes.sort((a, b) => a.at - b.at), length };
}

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
  return { notes, length: meter.beats * quarter };
}

interface Strike {
  readonly at: number;
  readonly length: number;
}

/** A chord is struck where it begins and again at every step of the grid while it lasts. */
function strikes(at: number, end: number, step: number, length: number): Strike[] {
  const stop = Math.min(end, length);
  const times = at >= 0 ? [at] : [0];
  for (let next = (Math.floor((times[0] ?? 0) / step) + 1) * step; next < stop; next += step) {
    times.push(next);
  }
  return times.map((time, index) => ({ at: time, length: (times[index + 1] ?? stop) - time }));
}

/** Two-feel: every second beat in even meters, once a bar in three. */
const bassStep = ({ beats }: Meter): number => (beats % 2 === 0 ? 2 : beats);

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
function drums(
  { meter, feel, tempo }: PlanRequest,
  length: number,
  quarter: number,
): PlannedNote[] {
  const and = offbeat(feel, tempo);
  const notes: PlannedNote[] = [];
  const hit = (midi: number, at: number, velocity: number): void => {
    notes.push({ part: 'drums', midi, at: at * quarter, length: quarter / 2, velocity });
  };
  for (let beat = 0; beat * quarter < length; beat += 1) {
    const inBar = beat % meter.beats;
    hit(DRUMS.ride, beat, TOUCH.rideBeat);
    if (inBar % 2 === 0) continue;
    hit(DRUMS.hat, beat, TOUCH.hat);
    hit(DRUMS.ride, beat + and, TOUCH.rideSkip);
  }
  return notes;
}

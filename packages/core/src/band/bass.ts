/**
 * Bass lines. Every line has the root, or the slash bass, where a chord begins and on every one; between them it
 * leads on. Walking: a note a beat, up or down the tones of the chord, the last before a change a half step from
 * the next root. Two-feel: in halves, the second the chord tone nearest to the next root. Source: common practice.
 */
import { quartersInBar } from '../chart/meter';
import type { PlayedBar } from '../chart/playOrder';
import type { ChartEvent, Timeline } from '../chart/timeline';
import type { PitchedChord } from '../chord/types';
import { pitchClassOf } from '../pitch/spelling';
import { pitchClass, type PitchClass, quarters } from '../base/units';
import { RANGE, bassOf, middle, nearest, tonesOf } from './bassPitches';
import { LOWEST_BASS, TOUCH } from './data';
import type { BassStyle } from '../comp/styles';
import type { PlannedNote } from './types';
import { walked, type Step } from './walking';

type Style = Exclude<BassStyle, 'by the feel'>;

/**
 * A line over the whole timeline, in quarters from bar 1. Where the comp pushes into a chord the bass comes with
 * it, but for a walking bass, which keeps its beat.
 * @param pushes when a chord is struck that begins at some moment
 */
export function bassLine(
  timeline: Timeline,
  style: Style,
  pushes: ReadonlyMap<number, number> = new Map(),
): PlannedNote[] {
  const written = stepsOf(timeline, style);
  const steps = style === 'walking' ? written : pushed(written, pushes);
  const pitches = style === 'walking' ? walked(steps) : stepped(steps, style);
  return steps.map(({ at, length, strong }, position) => ({
    part: 'bass',
    midi: pitches[position]!,
    at,
    length: length * RELEASE,
    velocity: strong ? TOUCH.bass : TOUCH.bassOff,
  }));
}

/**
 * Steps with the pushed ones earlier and what goes before them shorter; what is struck with a push is not struck
 * before it.
 */
function pushed(steps: readonly Step[], pushes: ReadonlyMap<number, number>): Step[] {
  const moved = steps.map((step) => {
    const at = pushes.get(step.at) ?? step.at;
    return { ...step, at, length: step.length + step.at - at };
  });
  return moved.flatMap((step, position) => {
    const next = moved[position + 1]?.at ?? Infinity;
    if (step.at >= next) return [];
    return [{ ...step, length: Math.min(step.length, next - step.at) }];
  });
}

function stepped(steps: readonly Step[], style: Exclude<Style, 'walking'>): number[] {
  const pitches: number[] = [];
  for (const step of steps) pitches.push(noteFor(step, style, pitches.at(-1)));
  return pitches;
}

/** A note is let go a little before the next, so that it can be heard to begin. */
const RELEASE = 0.95;

function stepsOf({ bars, events }: Timeline, style: Style): Step[] {
  const grid = bars.flatMap((bar) => timesIn(bar, style).map((at) => bar.at + at));
  const barLines = new Set(bars.map(({ at }) => at));
  return events.flatMap((event, index): Step[] => {
    const { chord } = event;
    if (chord.kind === 'no chord') return [];
    const end = event.at + event.length;
    const times = [event.at, ...grid.filter((at) => at > event.at && at < end)];
    return times.map((at, position) => {
      const until = times[position + 1] ?? end;
      const strong = position === 0 || barLines.has(quarters(at));
      const next = until === end ? nextChord(events, index) : undefined;
      return { at, length: until - at, chord, strong, next };
    });
  });
}

/** The last chord leads to the first, for when the chorus comes round. */
function nextChord(events: readonly ChartEvent[], index: number): PitchedChord | undefined {
  const { chord } = events[(index + 1) % events.length]!;
  return chord.kind === 'chord' ? chord : undefined;
}

/** Eighths of a bossa bass: one, the and of two, three and the and of four. Source: common practice. */
const BOSSA = [0, 1.5, 2, 3.5];

/** Where in a bar notes are struck, in quarters. */
function timesIn({ meter }: PlayedBar, style: Style): number[] {
  const quarter = 4 / meter.unit;
  const every = (beats: number): number[] =>
    Array.from({ length: Math.ceil(meter.beats / beats) }, (_, at) => at * beats * quarter);
  const halves = meter.beats % 2 === 0 ? every(2) : [0];
  switch (style) {
    case 'walking':
      return every(1);
    case 'bossa':
      return quartersInBar(meter) === 4 ? BOSSA : halves;
    case 'two-feel':
      return meter.beats === 3 ? [0, 2 * quarter] : halves;
    case 'roots':
      return halves;
  }
}

function noteFor(step: Step, style: Exclude<Style, 'walking'>, before: number | undefined): number {
  const root = bassOf(step.chord);
  if (style === 'roots') return LOWEST_BASS + pitchClass(root - LOWEST_BASS);
  const from = before ?? middle;
  if (step.strong) return nearest([root], from, before);
  if (style === 'bossa') return nearest([fifthOf(step.chord), root], from, before);
  if (!step.next) return nearest(tonesOf(step.chord), from, before);
  return leading(step.chord, nearest([bassOf(step.next)], from, undefined), from);
}

const fifthOf = (chord: PitchedChord): PitchClass => {
  const fifth = chord.tones.find(({ degree }) => /5$/.test(degree)) ?? chord.tones[0]!;
  return pitchClassOf(fifth.note);
};

/** The chord tone nearest to where the line goes. */
function leading(chord: PitchedChord, target: number, from: number): number {
  const tones = tonesOf(chord);
  const pitches = RANGE.filter(
    (pitch) => tones.includes(pitchClass(pitch)) && pitch !== target && pitch !== from,
  );
  return pitches.reduce((best, pitch) =>
    Math.abs(pitch - target) < Math.abs(best - target) ? pitch : best,
  );
}

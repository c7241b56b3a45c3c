import { noWishes } from '../../connect/base/data';
import type { TopMotion, Wishes } from '../../connect/base/types';
import type { Timeline } from '../../chart/timeline';
import type { Chorus } from './chorus';
import { topNoteHolds } from '../stored/heldLocks';
import type { LineSpan, TopLine } from '../stored/types';

/** What the top line and the form ask of single chords and changes. Answers wait for the phrase before them. */
export function wishesOf(line: TopLine, { chords, timeline, phraseEnds }: Chorus): Wishes {
  const tops: Record<number, number> = {};
  for (const note of line.notes) {
    const chord = chords[note.at];
    if (chord && topNoteHolds(note, chord)) tops[note.at] = note.midi;
  }
  const shapes: Record<number, TopMotion> = {};
  for (const span of line.spans) Object.assign(shapes, shapesOf(span));
  const splits = timeline.events.flatMap(({ part = 0 }, at) => (part > 0 ? [at - 1] : []));
  const sectionStarts = sectionStartsOf(timeline);
  return { ...noWishes, tops, shapes, keepTop: line.keepTop, splits, phraseEnds, sectionStarts };
}

/** The first chord of each section, and the very first. */
function sectionStartsOf({ bars, events }: Timeline): number[] {
  const begins = bars.filter(({ section }) => section !== undefined).map(({ number }) => number);
  const firsts = begins.map((bar) => events.findIndex((event) => event.bar >= bar));
  return [...new Set([0, ...firsts.filter((at) => at >= 0)])];
}

/** Which way the top is to go at each change of a span, answers worked out from the top notes given. */
export const motionsOf = (
  span: LineSpan,
  top: (at: number) => number | undefined,
): Readonly<Record<number, TopMotion>> =>
  span.shape === 'answer' ? answerTo(span, top) : shapesOf(span);

/** Which way the top is to go at each change of a span; an answer is free so far. */
function shapesOf({ from, to, shape }: LineSpan): Record<number, TopMotion> {
  const changes = Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);
  const summit = from + Math.ceil(changes.length / 2);
  const motion = (at: number): TopMotion => {
    if (shape === 'arch') return at < summit ? 'rise' : 'fall';
    return shape === 'answer' ? 'free' : shape;
  };
  return Object.fromEntries(changes.map((at) => [at, motion(at)]));
}

/**
 * An answer: each change of the span goes the other way than the same change of as long a phrase before
 * it, and holds where that held. Changes with nothing before them are free.
 * @param top the top notes of the chorus as it is voiced without the answer; none at a rest
 */
export function answerTo(
  { from, to }: LineSpan,
  top: (at: number) => number | undefined,
): Record<number, TopMotion> {
  const length = to - from + 1;
  const answered: Record<number, TopMotion> = {};
  for (let at = from; at < to; at += 1) {
    const [a, b] = [top(at - length), top(at - length + 1)];
    if (a === undefined || b === undefined) continue;
    answered[at] = b > a ? 'fall' : b < a ? 'rise' : 'hold';
  }
  return answered;
}

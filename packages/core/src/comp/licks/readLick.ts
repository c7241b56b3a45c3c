import { fail, ok, type Result } from '../../base/result';
import { quartersInBar } from '../../chart/meter';
import type { Meter } from '../../chart/types';
import { parseNote, pitchClassOf } from '../../pitch/spelling';
import { inTicks } from '../base/time';
import { readBar } from '../patterns/patterns';
import { readNotes } from './lickText';
import type { Lick, LickProblem, ReadLick } from './types';

/** The longest phrase, in bars, and as many of an answer. */
const MOST_BARS = 8;

/**
 * Reads a lick in some meter.
 * @returns what is wrong of it and in which of its parts, in a player's words, where it cannot be played
 */
export function readLick(
  { name, key, notes, answer }: Lick,
  meter: Meter,
): Result<ReadLick, LickProblem> {
  if (!parseNote(key)) {
    return fail({ part: 'key', message: `“${key}” is no key; write its root, as Bb.` });
  }
  const read = readNotes(notes);
  if (!read.ok) return fail({ part: 'notes', message: read.problem });
  const bar = inTicks(quartersInBar(meter));
  const sounds = Math.max(...read.value.notes.map(({ at, length }) => at + length));
  const bars = Math.ceil(sounds / bar);
  if (bars > MOST_BARS) {
    const message = `It lasts ${bars} bars; a phrase has at most ${MOST_BARS}.`;
    return fail({ part: 'notes', message });
  }
  const answered = readAnswer(answer, meter);
  if (!answered.ok) return answered;
  const value = { name, root: pitchClassOf(key), notes: read.value.notes, bars };
  return ok({ ...value, answer: answered.value });
}

function readAnswer(text: string, meter: Meter): Result<readonly string[], LickProblem> {
  const bars = text
    .split('|')
    .map((bar) => bar.trim())
    .filter(Boolean);
  const eighths = Math.round(quartersInBar(meter) * 2);
  if (bars.length > MOST_BARS) {
    return fail({ part: 'answer', message: `An answer has at most ${MOST_BARS} bars.` });
  }
  for (const [at, bar] of bars.entries()) {
    const problem = problemOf(bar, eighths);
    if (problem) return fail({ part: 'answer', message: `Bar ${at + 1}: ${problem}` });
  }
  return ok(bars);
}

function problemOf(bar: string, eighths: number): string | undefined {
  if (bar.length !== eighths) {
    return `it has ${bar.length} signs; write ${eighths}, one for each eighth.`;
  }
  const odd = Array.from(bar).find((sign) => !'.xXoO~-'.includes(sign));
  if (odd) return `“${odd}” is none of . x X o O ~ -.`;
  try {
    readBar(bar, 1);
    return undefined;
  } catch {
    return 'a - goes on with what stands before it; begin with x, o or ~.';
  }
}

/**
 * Answers in the gaps of a line, phrase by phrase: short to a short phrase, longer to a long one, ending
 * long where it ended long. After the soloist stops one breathes for an eighth before one answers; the last
 * stroke had better land on a one. Where a phrase comes back, its answer's rhythm comes back.
 * Source: common practice.
 */
import { ticks, type Ticks } from '../../base/units';
import { barUnder } from '../base/barUnder';
import { chanceFrom, type Chance } from '../base/chance';
import { EIGHTH, gridOf, inTicks } from '../base/time';
import type { Hit, Loudness } from '../base/types';
import type { Density } from '../patterns/types';
import { ANSWER_RHYTHMS, LONGEST_PHRASE, type AnswerSize } from './answerRhythms';
import { inOrder, type Decision, type RoomLeft } from './leaveRoom';
import { roomFor, type LeaveRoomRequest } from './soloRoom';
import type { SoloPhrase } from './types';
import { endsLong } from './zones';

export interface AnswerRequest extends LeaveRoomRequest {
  /** Any integer; the same one gives the same answers. */
  readonly seed: number;
  /** How much the comp plays in a bar; `undefined` where it rests. */
  readonly densityAt: (bar: number) => Density | undefined;
}

/** Eighths of a gap before the answer. */
const BREATH = 1;
/** A gap of fewer eighths goes by unanswered. */
const LEAST_GAP = 3;
/** How many eighths later than the breath an answer may begin, so that its last stroke lands on a one. */
const LATEST = 3;
/** How much likelier an answer is that lands on a one, and how much less for each eighth it waits. */
const LEANS = { landsOnOne: 4, waits: 0.6 } as const;
/** The last stroke of an answer to a phrase that ended long, in eighths. */
const LONG = 4;

/** An eighth of a gap. */
interface Free {
  readonly bar: number;
  readonly at: Ticks;
}

interface Gap {
  readonly after: SoloPhrase;
  readonly free: readonly Free[];
}

/** An answer as it is remembered: how many eighths after the phrase it begins, and its rhythm. */
interface Answer {
  readonly wait: number;
  readonly rhythm: string;
}

/** The hits of a line's answers, in place of what stands in their way. */
export function answered(left: RoomLeft, request: AnswerRequest): RoomLeft {
  const chance = chanceFrom(request.seed);
  const known = new Map<string, Answer>();
  let { hits } = left;
  const decisions = [...left.decisions];
  for (const gap of gapsIn(request)) {
    const key = phraseKey(gap.after, request);
    const before = known.get(key);
    const answer = before
      ? asFarAsItGoes(before, gap.free.length)
      : answerFor(gap, request, chance);
    if (!answer) continue;
    known.set(key, before ?? answer);
    const put = strokesOf(answer, gap);
    const inTheWay = new Set(
      gap.free
        .slice(0, answer.wait + answer.rhythm.length + BREATH)
        .map(({ bar, at }) => `${bar} ${at}`),
    );
    decisions.push(
      ...hits
        .filter(({ bar, at }) => inTheWay.has(`${bar} ${at}`))
        .map(({ bar, at }): Decision => ({
          bar,
          at,
          doing: 'left out',
          why: 'The answer stands here.',
        })),
      ...put.map(({ bar, at }): Decision => ({
        ...{ bar, at, doing: 'put in' },
        why: reasonFor(gap.after, before !== undefined),
      })),
    );
    hits = [...hits.filter(({ bar, at }) => !inTheWay.has(`${bar} ${at}`)), ...put];
  }
  return { hits: inOrder(hits), decisions };
}

/** Every gap after a phrase with the eighths in which the comp may play. */
function gapsIn(request: AnswerRequest): Gap[] {
  const room = roomFor(request);
  const gaps: { after: SoloPhrase; free: Free[] }[] = [];
  /** The phrase after which the last eighth was free. */
  let open: SoloPhrase | undefined;
  for (const { number, meter } of request.timeline.bars) {
    const plays = number >= 1 && request.densityAt(number) !== undefined;
    for (const at of gridOf(meter)) {
      const zone = plays ? room.zoneOf({ bar: number, at }) : undefined;
      const after = zone?.kind === 'gap' ? zone.after : undefined;
      if (after && after === open) gaps.at(-1)!.free.push({ bar: number, at });
      // A gap that a rest of the comp breaks into goes by: it has been answered before it.
      else if (after && gaps.at(-1)?.after !== after) {
        gaps.push({ after, free: [{ bar: number, at }] });
        open = after;
      } else open = undefined;
    }
  }
  return gaps.filter(({ free }) => free.length >= LEAST_GAP);
}

/** The same for phrases of one rhythm at one place of the bar, whatever their notes. */
function phraseKey({ notes, at }: SoloPhrase, { timeline }: AnswerRequest): string {
  const bar = barUnder(timeline.bars, at);
  const begin = bar ? at - inTicks(bar.at) : 0;
  const eighths = (time: number): number => Math.round(time / EIGHTH);
  const strokes = notes.map((note) => `${eighths(note.at - at)}:${eighths(note.length)}`);
  return `${eighths(begin)} ${[...new Set(strokes)].join(' ')}`;
}

function answerFor(gap: Gap, request: AnswerRequest, chance: Chance): Answer | undefined {
  const density = request.densityAt(gap.free[0]!.bar) ?? 1;
  for (let size = sizeFor(gap.after, density); size >= 1; size -= 1) {
    const answers = ANSWER_RHYTHMS[size].flatMap((rhythm) =>
      Array.from({ length: LATEST + 1 }, (_, later): Answer => ({ wait: BREATH + later, rhythm })),
    );
    // The last stroke to a phrase that ended long is held, for an eighth more at least.
    const more = endsLong(gap.after) ? 1 : 0;
    const fitting = answers.filter(
      ({ wait, rhythm }) => wait + rhythm.length + more <= gap.free.length,
    );
    const taken = chance.pick(fitting, ({ wait, rhythm }) => {
      const last = gap.free[wait + rhythm.length - 1]!;
      return LEANS.waits ** (wait - BREATH) * (last.at === 0 ? LEANS.landsOnOne : 1);
    });
    if (taken) return taken;
  }
  return undefined;
}

/** A sparse hand says less, a busy one more. */
function sizeFor({ at, end }: SoloPhrase, density: Density): AnswerSize {
  const eighths = (end - at) / EIGHTH;
  const size = eighths <= LONGEST_PHRASE[1] ? 1 : eighths <= LONGEST_PHRASE[2] ? 2 : 3;
  const more = density === 1 ? -1 : density === 5 ? 1 : 0;
  return Math.min(3, Math.max(1, size + more)) as AnswerSize;
}

/** What a gap has room for of an answer that comes back; at least its first stroke, or nothing. */
function asFarAsItGoes({ wait, rhythm }: Answer, free: number): Answer | undefined {
  const room = rhythm.slice(0, Math.max(0, free - wait)).replace(/\.+$/, '');
  return room ? { wait, rhythm: room } : undefined;
}

/** The strokes of an answer, each louder than the one before. */
function strokesOf({ wait, rhythm }: Answer, { free, after }: Gap): Hit[] {
  const strokes = Array.from(rhythm).flatMap((sign, at) => (sign === 'x' ? [wait + at] : []));
  return strokes.map((eighth, position) => {
    const last = position === strokes.length - 1;
    const long = last && endsLong(after);
    const length = long ? Math.min(LONG, free.length - eighth) * EIGHTH : EIGHTH;
    return {
      ...free[eighth]!,
      length: ticks(length),
      hold: length > EIGHTH ? 'full' : 'short',
      touch: 'plain',
      accent: false,
      ...(strokes.length > 1 && { loudness: growing(position, strokes.length) }),
    };
  });
}

const growing = (position: number, strokes: number): Loudness =>
  (2 + Math.round((position / (strokes - 1)) * Math.min(2, strokes - 1))) as Loudness;

function reasonFor(phrase: SoloPhrase, again: boolean): string {
  if (again) return 'The phrase comes back, and so does its answer.';
  const size = (phrase.end - phrase.at) / EIGHTH <= LONGEST_PHRASE[1] ? 'short' : 'long';
  const end = endsLong(phrase) ? 'long' : 'short';
  return `The answer to a ${size} phrase that ended ${end}.`;
}

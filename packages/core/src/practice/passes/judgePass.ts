/**
 * A pass that was played along with the band, held against what it asked for. Problem: which of the notes heard answers
 * which of the notes asked. Phases: notes of one pitch (or of one pitch class, where octaves are free) by themselves;
 * among those the pairing in order of time that answers the most notes and, of such pairings, lies nearest to them; what
 * is left over is missing or extra. Cost: the product of both numbers for each pitch.
 */
import { gradeOf, type Measured } from '../schedule/grades';

/** A note asked for or heard. */
export interface PassNote {
  /** In quarter notes from the beginning of the pass. */
  readonly at: number;
  /** MIDI note number. */
  readonly midi: number;
}

export interface PassRules {
  /** In quarter notes a minute. */
  readonly tempo: number;
  /** A note is right in any octave. */
  readonly anyOctave: boolean;
}

export interface PassJudgement {
  /** Notes asked for. */
  readonly asked: number;
  readonly right: number;
  readonly extra: number;
  readonly missing: readonly PassNote[];
  /** Of the right notes, in ms: below 0 early; 0 where none was right. */
  readonly meanMs: number;
  /** Their standard deviation, in ms. */
  readonly spreadMs: number;
}

/** Farther from its moment a note answers nothing, in ms; in fast music less, so that it is nearer than its neighbours. */
const WINDOW_MS = 220;
const WINDOW_QUARTERS = 0.45;
/** Struck closer together, two notes of one pitch count once, in ms. */
const ONCE_MS = 60;
/** A spread that is usual for somebody who plays in time, in ms. Source: common practice. */
const USUAL_SPREAD_MS = 40;

/**
 * How a pass went.
 * @returns nothing where nothing was heard or asked: who only listens has not failed
 */
export function judgePass(
  asked: readonly PassNote[],
  heard: readonly PassNote[],
  { tempo, anyOctave }: PassRules,
): PassJudgement | undefined {
  if (!asked.length || !heard.length) return undefined;
  const ms = 60_000 / tempo;
  const window = Math.min(WINDOW_MS / ms, WINDOW_QUARTERS);
  const [wanted, given] = [asked, heard].map((notes) => byPitch(notes, anyOctave, ONCE_MS / ms));
  const pitches = new Set([...wanted!.keys(), ...given!.keys()]);
  const offsets: number[] = [];
  const missing: PassNote[] = [];
  const count = { asked: 0, extra: 0 };
  for (const pitch of pitches) {
    const own = wanted!.get(pitch) ?? [];
    const played = given!.get(pitch) ?? [];
    const pairs = paired(own, played, window);
    const answered = new Set(pairs.map(([note]) => note));
    missing.push(...own.filter((_, at) => !answered.has(at)));
    offsets.push(...pairs.map(([note, answer]) => (played[answer]!.at - own[note]!.at) * ms));
    count.asked += own.length;
    count.extra += played.length - pairs.length;
  }
  const mean = offsets.reduce((sum, each) => sum + each, 0) / Math.max(1, offsets.length);
  const square = offsets.reduce((sum, each) => sum + (each - mean) ** 2, 0);
  return {
    ...count,
    right: offsets.length,
    missing: missing.sort((a, b) => a.at - b.at || a.midi - b.midi),
    meanMs: mean,
    spreadMs: Math.sqrt(square / Math.max(1, offsets.length)),
  };
}

/** Notes by what must agree, in order of time, those struck at once counted once. */
function byPitch(
  notes: readonly PassNote[],
  anyOctave: boolean,
  once: number,
): Map<number, PassNote[]> {
  const groups = new Map<number, PassNote[]>();
  for (const note of [...notes].sort((a, b) => a.at - b.at)) {
    const pitch = anyOctave ? note.midi % 12 : note.midi;
    const own = groups.get(pitch) ?? [];
    const before = own.at(-1);
    if (!before || note.at - before.at > once) groups.set(pitch, [...own, note]);
  }
  return groups;
}

/** Pairs made, and how far they lie apart in all. */
interface Pairing {
  readonly made: number;
  readonly apart: number;
}

const better = (a: Pairing, b: Pairing): boolean =>
  a.made > b.made || (a.made === b.made && a.apart < b.apart);

/** Which note is answered by which, as positions, in order of time. */
function paired(
  own: readonly PassNote[],
  played: readonly PassNote[],
  window: number,
): (readonly [number, number])[] {
  const best: Pairing[][] = [];
  const join = (a: number, b: number): Pairing | undefined => {
    const apart = Math.abs(own[a - 1]!.at - played[b - 1]!.at);
    if (apart > window) return undefined;
    const before = best[a - 1]![b - 1]!;
    return { made: before.made + 1, apart: before.apart + apart };
  };
  for (let a = 0; a <= own.length; a += 1) {
    best.push([]);
    for (let b = 0; b <= played.length; b += 1) {
      if (a === 0 || b === 0) {
        best[a]!.push({ made: 0, apart: 0 });
        continue;
      }
      const left = [best[a - 1]![b]!, best[a]![b - 1]!, join(a, b)];
      best[a]!.push(
        left.reduce<Pairing>((so, next) => (next && better(next, so) ? next : so), left[0]!),
      );
    }
  }
  const pairs: (readonly [number, number])[] = [];
  for (let [a, b] = [own.length, played.length]; a > 0 && b > 0;) {
    const here = best[a]![b]!;
    if (!better(here, best[a - 1]![b]!)) a -= 1;
    else if (!better(here, best[a]![b - 1]!)) b -= 1;
    else {
      a -= 1;
      b -= 1;
      pairs.push([a, b]);
    }
  }
  return pairs.reverse();
}

/** A judgement as a measurement: extra notes count against the right ones, and time that is loose against the grade. */
export const passMeasured = ({ asked, right, extra, spreadMs }: PassJudgement): Measured => ({
  right: right / (asked + extra),
  looseness: spreadMs / USUAL_SPREAD_MS,
});

/** Clean is what is graded good or better. */
export const isClean = (judged: PassJudgement): boolean =>
  ['good', 'easy'].includes(gradeOf(passMeasured(judged)));

/** Less than this is in time, in ms. */
const IN_TIME_MS = 10;

/**
 * A judgement for the player.
 * @example passInWords({ asked: 16, right: 15, extra: 1, missing: [], meanMs: 22, spreadMs: 18 })
 * // '15 of 16 notes, 1 too many; 22 ms late, give or take 18'
 */
export function passInWords({ asked, right, extra, meanMs, spreadMs }: PassJudgement): string {
  const many = extra ? `, ${extra} too many` : '';
  const notes = `${right} of ${asked} notes${many}`;
  if (!right) return notes;
  const mean = Math.round(Math.abs(meanMs));
  const time = mean < IN_TIME_MS ? 'in time' : `${mean} ms ${meanMs < 0 ? 'early' : 'late'}`;
  return `${notes}; ${time}, give or take ${Math.round(spreadMs)}${mean < IN_TIME_MS ? ' ms' : ''}`;
}

import type { Degree } from '../../chord/degrees';
import type { NoteName } from '../../pitch/spelling';
import type { Voicing } from '../../voicing/base/types';
import type { Change } from '../base/types';
import { threadsOf, type Thread } from './threads';

/** A voice that walks: so many steps one way that the ear follows it. */
export interface WalkingLine {
  /** The chords it begins and ends at. */
  readonly from: number;
  readonly to: number;
  readonly falling: boolean;
  /** Every step a half step. */
  readonly chromatic: boolean;
  readonly where: 'top' | 'inner' | 'bottom';
  /** One for each chord it sounds in. */
  readonly notes: readonly {
    readonly note: NoteName;
    readonly degree: Degree;
    readonly midi: number;
  }[];
  readonly voices: readonly number[];
}

/** Steps that make a line. Source: common practice; a cliché over one chord has three. */
const FEWEST_STEPS = 3;

/** Lines of three steps or more, half or whole, one way, in the order they begin; held notes belong to none. */
export function walkingLines(path: readonly Voicing[], changes: readonly Change[]): WalkingLine[] {
  return threadsOf(path, changes)
    .flatMap((thread) => linesIn(thread, path))
    .sort((a, b) => a.from - b.from || a.voices[0]! - b.voices[0]!);
}

function linesIn({ from, voices }: Thread, path: readonly Voicing[]): WalkingLine[] {
  const notes = voices.map((voice, i) => path[from + i]!.notes[voice]!);
  const steps = notes.slice(1).map(({ midi }, i) => midi - notes[i]!.midi);
  const lines: WalkingLine[] = [];
  let begin = 0;
  for (let i = 0; i <= steps.length; i += 1) {
    const goesOn = i > begin && Math.sign(steps[i] ?? 0) === Math.sign(steps[begin]!);
    if (i < steps.length && isStep(steps[i]!) && (i === begin || goesOn)) continue;
    if (i - begin >= FEWEST_STEPS) {
      lines.push(line(from + begin, notes.slice(begin, i + 1), voices.slice(begin, i + 1), path));
    }
    // The note that ends one line may begin the next, the other way.
    begin = i < steps.length && isStep(steps[i]!) ? i : i + 1;
  }
  return lines;
}

const isStep = (semitones: number): boolean =>
  Math.abs(semitones) === 1 || Math.abs(semitones) === 2;

function line(
  from: number,
  notes: Voicing['notes'],
  voices: readonly number[],
  path: readonly Voicing[],
): WalkingLine {
  const steps = notes.slice(1).map(({ midi }, i) => midi - notes[i]!.midi);
  const onTop = voices.every((voice, i) => voice === path[from + i]!.notes.length - 1);
  const below = voices.every((voice) => voice === 0);
  return {
    from,
    to: from + notes.length - 1,
    falling: steps[0]! < 0,
    chromatic: steps.every((step) => Math.abs(step) === 1),
    where: onTop ? 'top' : below ? 'bottom' : 'inner',
    notes: notes.map(({ note, degree, midi }) => ({ note, degree, midi })),
    voices,
  };
}

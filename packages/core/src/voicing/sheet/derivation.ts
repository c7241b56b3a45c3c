import { prettyDegree, type Degree } from '../../chord/degrees';
import type { NoteName } from '../../pitch/spelling';

export interface DerivedNote {
  /** MIDI note. */
  readonly pitch: number;
  readonly note: NoteName;
  readonly degree: Degree;
  /** Its number, counted from the top, where voices are counted. */
  readonly count?: number;
  /** What this step did to it. */
  readonly mark?: 'stands in' | 'added' | 'left out' | 'falls' | 'moved';
}

export interface DerivationStep {
  readonly kind: 'chord' | 'exchange' | 'leave out' | 'close' | 'drop' | 'arrange';
  /** What happens, as one sentence. */
  readonly words: string;
  /** Low to high. */
  readonly notes: readonly DerivedNote[];
}

/** What the chord calls a degree. */
export type Named = (degree: Degree) => NoteName;

/** "a, b and c". */
export const inList = (items: readonly string[]): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`;

/** Parts that start with what they are about, as one sentence. */
export const sentence = (parts: readonly string[]): string => {
  const text = parts.join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
};

/** The step in which degrees are left out of notes. */
export function leaveOut(
  notes: readonly DerivedNote[],
  degrees: readonly Degree[],
): DerivationStep | undefined {
  if (!degrees.length) return undefined;
  const marked = notes.map(({ pitch, note, degree }): DerivedNote => {
    const plain = { pitch, note, degree };
    return degrees.includes(degree) ? { ...plain, mark: 'left out' } : plain;
  });
  const words = sentence([
    `${inList(degrees.map(prettyDegree))} ${degrees.length > 1 ? 'are' : 'is'} left out`,
  ]);
  return { kind: 'leave out', words, notes: marked };
}

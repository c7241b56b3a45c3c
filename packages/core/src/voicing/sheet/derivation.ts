import { prettyDegree, type Degree } from '../../chord/degrees';
import type { NoteName } from '../../pitch/spelling';
import { inList, sentence } from '../../base/words';

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

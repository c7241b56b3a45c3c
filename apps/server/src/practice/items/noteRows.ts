import type { PracticeNote, PracticeNoteFields, Recalled } from '@drop-close/core';

/** A note as it is stored; the database gives large numbers as text. */
export interface NoteRow {
  readonly id: string;
  readonly item: string;
  readonly kind: PracticeNote['kind'];
  readonly at: string;
  readonly received: string;
  readonly grade: NonNullable<PracticeNoteFields['grade']>;
  readonly tempo: number | null;
  readonly recalled: Recalled | null;
  readonly due: string;
  readonly of: string;
}

/** A note as the engine takes it. */
export function noteOf(row: NoteRow): PracticeNote {
  const { id, item, kind, grade, tempo, recalled } = row;
  const base = { id, item, at: Number(row.at), received: Number(row.received) };
  switch (kind) {
    case 'review':
      return {
        ...{ ...base, kind, grade },
        ...(tempo !== null && { tempo }),
        ...(recalled && { recalled }),
      };
    case 'put':
      return { ...base, kind, due: Number(row.due) };
    case 'taken back':
      return { ...base, kind, of: row.of };
  }
}

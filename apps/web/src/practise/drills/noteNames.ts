import { readNoteName, type NoteName } from '@drop-close/core';

export interface NoteNames {
  readonly notes: readonly NoteName[];
  /** What is no name of a note. */
  readonly problem: string | undefined;
}

/** Reads names of notes, letters or syllables, with spaces or commas between them. */
export function readNoteNames(text: string): NoteNames {
  const words = text.split(/[\s,]+/).filter(Boolean);
  const names = words.map(readNoteName);
  const wrong = names.indexOf(undefined);
  return wrong < 0
    ? { notes: names.flatMap((name) => name ?? []), problem: undefined }
    : {
        notes: [],
        problem: `“${words[wrong]!}” is no note: a letter A to G or a syllable do to si, with b or #.`,
      };
}

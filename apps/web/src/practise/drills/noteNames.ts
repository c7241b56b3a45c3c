import type { NoteName } from '@drop-close/core';

export interface NoteNames {
  readonly notes: readonly NoteName[];
  /** What is no name of a note. */
  readonly problem: string | undefined;
}

/** Reads names of notes with spaces or commas between them; small letters and ♭ ♯ are fine. */
export function readNoteNames(text: string): NoteNames {
  const words = text.split(/[\s,]+/).filter(Boolean);
  const names = words.map((word) =>
    (word.charAt(0).toUpperCase() + word.slice(1)).replaceAll('♭', 'b').replaceAll('♯', '#'),
  );
  const wrong = names.findIndex((name) => !/^[A-G](?:b{0,2}|#{0,2})$/.test(name));
  return wrong < 0
    ? { notes: names, problem: undefined }
    : { notes: [], problem: `“${words[wrong]!}” is no note: a letter A to G, with b or #.` };
}

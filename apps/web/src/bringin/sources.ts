import type { Incoming, IncomingTune } from '@drop-close/core';

/** Something that was given: pasted text, or a file; and what came of it. */
export interface Source {
  readonly id: string;
  /** The name of the file; text has none. */
  readonly name?: string;
  readonly incoming?: Incoming;
  readonly problem?: string;
}

/** What the player wants otherwise than it was read. */
export interface TuneWish {
  readonly title?: string;
  readonly leftOut?: boolean;
}

/** A tune of a source, as it would come into the book. */
export interface OfferedTune {
  /** Names it as long as its source is not read anew. */
  readonly id: string;
  readonly source: Source;
  /** Its place in the source, from 0. */
  readonly at: number;
  readonly tune: IncomingTune;
  readonly title: string;
  readonly isWanted: boolean;
}

/** Tunes in the order of their sources; one without a single bar is nothing to bring in. */
export function offeredTunes(
  sources: readonly Source[],
  wishes: Readonly<Record<string, TuneWish>>,
): OfferedTune[] {
  return sources.flatMap((source) =>
    (source.incoming?.tunes ?? []).flatMap((tune, at) => {
      const id = `${source.id} ${at}`;
      const { title = tune.fields.title, leftOut = false } = wishes[id] ?? {};
      return tune.bars ? [{ id, source, at, tune, title, isWanted: !leftOut }] : [];
    }),
  );
}

/** What is wanted, in groups that one request can hold. @param most bytes of a group */
export function groupsOf<T>(items: readonly T[], most: number, longest: number): T[][] {
  const groups: T[][] = [];
  let size = Infinity;
  for (const item of items) {
    const own = new TextEncoder().encode(JSON.stringify(item)).length;
    const last = groups.at(-1);
    if (!last || size + own > most || last.length === longest) {
      groups.push([item]);
      size = own;
    } else {
      last.push(item);
      size += own;
    }
  }
  return groups;
}

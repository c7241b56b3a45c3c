import { READERS, type ReaderId, type SetView } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import { engine } from '../../engine/client';
import type { BookletTune } from './booklet';

export type Writing =
  | { readonly state: 'writing'; readonly done: number }
  | {
      readonly state: 'written';
      readonly tunes: readonly BookletTune[];
      readonly notes: readonly string[];
    }
  | { readonly state: 'failed'; readonly why: string };

/** The tunes of a set as lead sheets for a reader, written one after the other. */
export function useBooklet(set: SetView | undefined, reader: ReaderId): Writing {
  const [writing, setWriting] = useState<{ of: string; is: Writing }>();
  const name = set && JSON.stringify([set.id, set.tuneIds, reader]);
  useEffect(() => {
    if (!set || name === undefined) return undefined;
    let isGone = false;
    const say = (is: Writing): void => {
      if (!isGone) setWriting({ of: name, is });
    };
    write(set, reader, (done) => {
      say({ state: 'writing', done });
      return !isGone;
    }).then(say, (error: unknown) => {
      say({ state: 'failed', why: error instanceof Error ? error.message : String(error) });
    });
    return () => {
      isGone = true;
    };
    // What is asked stands in its name.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [name]);
  return writing && writing.of === name ? writing.is : { state: 'writing', done: 0 };
}

/** @param onDone is told how many are written; false gives it up */
async function write(
  set: SetView,
  reader: ReaderId,
  onDone: (done: number) => boolean,
): Promise<Writing> {
  const tunes: BookletTune[] = [];
  const notes: string[] = [];
  for (const id of set.tuneIds) {
    if (!onDone(tunes.length)) break;
    const { title, text, places, key, meter, tempo, feel } = await api.tune(id);
    const request = {
      ...{ title, key, tempo, feel, reader, octaves: 0 },
      kind: 'lead sheet' as const,
    };
    const chart = { text, places, meter, key };
    const sheet = await engine.leadSheet(chart, request);
    if (!sheet) continue;
    if (sheet.outside.length) {
      notes.push(
        `${title} has ${sheet.outside.length} notes outside the range of ${READERS[reader].label}`,
      );
    }
    tunes.push({ title, score: sheet.score });
  }
  return { state: 'written', tunes, notes };
}

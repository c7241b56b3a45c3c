import {
  inList,
  outsideNote,
  type Instruments,
  type ReaderId,
  type School,
  type Sheet,
  type SheetKind,
} from '@drop-close/core';
import type { SetView } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import { documentOf } from '../../document/convert';
import { inHand } from '../../document/reading';
import { engine } from '../../engine/client';
import { useInstruments } from '../../profile/useInstruments';
import { useProfile } from '../../profile/profileStore';
import type { BookletTune } from './booklet';

export type Writing =
  | { readonly state: 'writing'; readonly done: number }
  | {
      readonly state: 'written';
      readonly tunes: readonly BookletTune[];
      /** What a player should know of some tunes, a sentence each. */
      readonly notes: readonly string[];
    }
  | { readonly state: 'failed'; readonly why: string };

/** What of each tune is wanted. */
export interface BookletWish {
  readonly kind: SheetKind;
  readonly reader: ReaderId;
  readonly numbers: boolean;
}

/** One document of every tune of a set, written one after the other; it is given up when another is asked for. */
export function useBooklet(set: SetView | undefined, wish: BookletWish): Writing {
  const [writing, setWriting] = useState<{ of: string; is: Writing }>();
  const instruments = useInstruments();
  const { school } = useProfile().writing;
  const name = set && JSON.stringify([set.id, set.tuneIds, wish, school]);
  useEffect(() => {
    if (!set || name === undefined) return undefined;
    let isGone = false;
    const say = (is: Writing): void => {
      if (!isGone) setWriting({ of: name, is });
    };
    write(set, { ...wish, school, instruments }, (done) => {
      say({ state: 'writing', done });
      return !isGone;
    }).then(say, (error: unknown) => {
      say({ state: 'failed', why: error instanceof Error ? error.message : String(error) });
    });
    return () => {
      isGone = true;
    };
    // What is asked stands in its name; a hand that is changed meanwhile is asked for next time.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [name]);
  return writing && writing.of === name ? writing.is : { state: 'writing', done: 0 };
}

interface Asked extends BookletWish {
  readonly school: School;
  readonly instruments: Instruments;
}

/** @param onDone is told how many are written; false gives it up */
async function write(
  set: SetView,
  asked: Asked,
  onDone: (done: number) => boolean,
): Promise<Writing> {
  const tunes: BookletTune[] = [];
  const without: string[] = [];
  const notes: string[] = [];
  for (const id of set.tuneIds) {
    if (!onDone(tunes.length + without.length)) break;
    const { title, sheet } = await written(id, asked);
    if (!sheet) {
      without.push(title);
      continue;
    }
    notes.push(...outsideNote(title, sheet, asked.reader));
    tunes.push({ title, score: sheet.score });
  }
  if (without.length) notes.push(`Not voiced, and so not in the booklet: ${inList(without)}.`);
  return { state: 'written', tunes, notes };
}

/** One document of a tune, with the arrangement it has on the desk. */
async function written(
  id: string,
  { kind, reader, numbers, school, instruments }: Asked,
): Promise<{ readonly title: string; readonly sheet: Sheet | undefined }> {
  const { document } = documentOf(await api.tune(id));
  const { title, text, places, key, meter, tempo, feel, setup } = inHand(document);
  const sheet = await engine.tuneSheet(
    { ...{ text, places, key, meter }, ...{ setup, instruments, tempo, feel } },
    { ...{ title, key, tempo, feel }, ...{ kind, reader, numbers, school }, octaves: 0 },
  );
  return { title, sheet };
}

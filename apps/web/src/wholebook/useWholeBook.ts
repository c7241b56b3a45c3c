import { compareBooks, type BookReading, type Compared } from '@drop-close/core';
import { useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useRef, useState } from 'react';
import { saveFile } from '../ui/saveFile';
import { Cancelled } from '../engine/client';
import { readBookAside, writeBookAside } from '../engine/readFile';
import { localDay } from '../practise/base/localDay';
import { gatherBook, gatherTunes } from './gather';
import { putBack, type ChosenParts } from './putBack';

/** What goes on, in words, and how far it is. */
export interface Going {
  readonly what: string;
  readonly done: number;
  /** 0 where it is not known. */
  readonly of: number;
}

/** A book that was read, and how each part stands to what is there. */
export interface ReadBook {
  readonly name: string;
  readonly reading: BookReading;
  readonly compared: readonly Compared[];
}

/** The whole book, out and in. */
export function useWholeBook() {
  const { notification } = App.useApp();
  const queries = useQueryClient();
  const [going, setGoing] = useState<Going>();
  const [read, setRead] = useState<ReadBook>();
  const [problem, setProblem] = useState<string>();
  const abort = useRef<AbortController>(undefined);

  /** One thing at a time; what goes wrong is said, what is given up is not. */
  const run = async (what: (signal: AbortSignal) => Promise<void>): Promise<void> => {
    const own = new AbortController();
    abort.current = own;
    setProblem(undefined);
    try {
      await what(own.signal);
    } catch (error) {
      if (!(error instanceof Cancelled)) {
        setProblem(error instanceof Error ? error.message : String(error));
      }
    } finally {
      setGoing(undefined);
    }
  };
  const gathering = (what: string) => (done: number, of: number) => {
    setGoing({ what, done, of });
  };

  const save = (): Promise<void> =>
    run(async (signal) => {
      setGoing({ what: 'Reading the book', done: 0, of: 0 });
      const book = await gatherBook(gathering('Reading the book'), signal);
      setGoing({ what: 'Packing', done: 0, of: 0 });
      const bytes = await writeBookAside(book);
      saveFile(`Drop Close book, ${localDay(Date.now())}.zip`, bytes, 'application/zip');
    });

  const open = (file: File): Promise<void> =>
    run(async (signal) => {
      setRead(undefined);
      setGoing({ what: `Reading ${file.name}`, done: 0, of: 0 });
      const reading = await readBookAside(file, signal);
      if (!reading.ok) {
        setProblem(`${file.name}: ${reading.problem}`);
        return;
      }
      const here = await gatherTunes(gathering('Comparing with your book'), signal);
      const rest = { notes: [], sessions: [], entries: [] };
      const compared = compareBooks(reading.value.book, { ...here, ...rest });
      setRead({ name: file.name, reading: reading.value, compared });
    });

  const bringIn = (chosen: ChosenParts): Promise<void> =>
    run(async (signal) => {
      if (!read) return;
      const of = chosen.parts.size;
      const onDone = (done: number): void => {
        setGoing({ what: 'Bringing in', done, of });
      };
      await putBack(read.reading, chosen, onDone, signal);
      await queries.invalidateQueries();
      setRead(undefined);
      notification.success({ title: 'It is in the book', duration: 8 });
    });

  return {
    ...{ going, read, problem },
    save: () => void save(),
    open: (file: File) => void open(file),
    bringIn: (chosen: ChosenParts) => void bringIn(chosen),
    cancel: () => {
      abort.current?.abort();
    },
    putAside: () => {
      setRead(undefined);
    },
  };
}

import { useEffect, useState } from 'react';
import { Cancelled } from '../engine/client';
import { readIncomingAside } from '../engine/readFile';
import { changeDesk, useBringIn } from './bringInStore';
import type { Source } from './sources';

/** A hand that types or pastes rests this long before the text is read, in ms. */
const REST = 250;

/** The pasted text as it was read last, and whether it is being read. */
export function usePastedSource(): {
  readonly source: Source | undefined;
  readonly isReading: boolean;
} {
  const text = useBringIn((desk) => desk.text);
  const habits = useBringIn((desk) => desk.habits);
  const [read, setRead] = useState<{ of: string; by: typeof habits; source: Source }>();
  const isCurrent = read?.of === text && read.by === habits;
  useEffect(() => {
    if (!text.trim()) return undefined;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      void sourceOf('text', new Blob([text]), '', habits, abort.signal).then((source) => {
        if (source) setRead({ of: text, by: habits, source });
      });
    }, REST);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [text, habits]);
  if (!text.trim()) return { source: undefined, isReading: false };
  return { source: read?.source, isReading: !isCurrent };
}

/** Reads files, one after the other. @returns what is being read, and how that is given up */
export function useFiles(): {
  readonly reading: string | undefined;
  readonly read: (files: readonly File[]) => void;
  readonly cancel: () => void;
} {
  const [reading, setReading] = useState<string>();
  const [abort, setAbort] = useState<AbortController>();
  const read = async (files: readonly File[]): Promise<void> => {
    const own = new AbortController();
    setAbort(own);
    const { habits } = useBringIn.getState();
    for (const file of files) {
      setReading(file.name);
      const id = `file ${crypto.randomUUID()}`;
      const source = await sourceOf(id, file, file.name, habits, own.signal);
      if (!source) break;
      changeDesk({ files: [...useBringIn.getState().files, source] });
    }
    setReading(undefined);
  };
  return {
    reading,
    read: (files) => void read(files),
    cancel: () => {
      abort?.abort();
      setReading(undefined);
    },
  };
}

/** `undefined` where it was given up. */
async function sourceOf(
  id: string,
  blob: Blob,
  name: string,
  habits: Parameters<typeof readIncomingAside>[2],
  signal: AbortSignal,
): Promise<Source | undefined> {
  const own = { id, ...(name && { name }) };
  try {
    const read = await readIncomingAside(blob, name, habits, signal);
    return read.ok ? { ...own, incoming: read.value } : { ...own, problem: read.problem };
  } catch (error) {
    if (error instanceof Cancelled) return undefined;
    return { ...own, problem: `It could not be read: ${String(error)}` };
  }
}

import {
  LARGEST_BOOK,
  type BookReading,
  type Incoming,
  type PasteHabits,
  type Result,
  type SoloFile,
  type WholeBook,
} from '@drop-close/core';
import { wrap, type Remote } from 'comlink';
import { Cancelled } from './client';
import type { FileReader } from './protocol';

/** What is told before a file is read, and given up while it is. */
interface Limits {
  /** In bytes. */
  readonly largest: number;
  readonly tooLarge: string;
  /** In ms: what takes longer was made to. */
  readonly longest: number;
  readonly tooLong: string;
}

const TUNE_LIMITS: Limits = {
  largest: 10_000_000,
  tooLarge: 'This file is larger than 10 MB; a file of one tune is far smaller.',
  longest: 20_000,
  tooLong: 'This file takes longer than 20 seconds to read, so it was given up.',
};
const BOOK_LIMITS: Limits = {
  largest: LARGEST_BOOK,
  tooLarge: 'This file is larger than 100 MB; no book is.',
  longest: 120_000,
  tooLong: 'This file takes longer than two minutes to read, so it was given up.',
};

/**
 * Reads a solo line out of a file in a worker of its own: a file that takes long, or means harm, holds up
 * nothing else.
 * @throws Cancelled once the signal is given
 */
export const readSoloAside = (
  file: Blob,
  signal: AbortSignal,
  startWorker = startFileWorker,
): Promise<Result<SoloFile, string>> =>
  readAside(file, signal, (remote, bytes) => remote.readSolo(bytes), startWorker);

/**
 * Reads tunes out of a file or text, as `readSoloAside` does.
 * @throws Cancelled once the signal is given
 */
export const readIncomingAside = (
  file: Blob,
  name: string,
  habits: PasteHabits,
  signal: AbortSignal,
): Promise<Result<Incoming, string>> =>
  readAside(
    file,
    signal,
    (remote, bytes) => remote.readIncoming(bytes, name, habits),
    startFileWorker,
  );

/**
 * Reads the archive of a book, as `readSoloAside` does.
 * @throws Cancelled once the signal is given
 */
export const readBookAside = (
  file: Blob,
  signal: AbortSignal,
): Promise<Result<BookReading, string>> =>
  readAside(file, signal, (remote, bytes) => remote.readBook(bytes), startFileWorker, BOOK_LIMITS);

/** Makes the archive of a book in a worker of its own. */
export async function writeBookAside(book: WholeBook): Promise<Uint8Array<ArrayBuffer>> {
  const { remote, end } = startFileWorker();
  try {
    return await remote.writeBook(book);
  } finally {
    end();
  }
}

async function readAside<T, R>(
  file: Blob,
  signal: AbortSignal,
  read: (remote: R, bytes: Uint8Array) => Promise<Result<T, string>>,
  startWorker: () => FileWorker<R>,
  { largest, longest, tooLarge, tooLong }: Limits = TUNE_LIMITS,
): Promise<Result<T, string>> {
  if (file.size > largest) return { ok: false, problem: tooLarge };
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (signal.aborted) throw new Cancelled();
  const { remote, end } = startWorker();
  const ended: (() => void)[] = [end];
  const given = new Promise<never>((_, reject) => {
    const cancel = (): void => {
      reject(new Cancelled());
    };
    signal.addEventListener('abort', cancel);
    ended.push(() => {
      signal.removeEventListener('abort', cancel);
    });
  });
  const late = new Promise<Result<T, string>>((resolve) => {
    const timer = setTimeout(resolve, longest, { ok: false, problem: tooLong });
    ended.push(() => {
      clearTimeout(timer);
    });
  });
  try {
    return await Promise.race([read(remote, bytes), given, late]);
  } finally {
    for (const each of ended) each();
  }
}

/** A worker for one file. */
interface FileWorker<R> {
  readonly remote: R;
  readonly end: () => void;
}

function startFileWorker(): FileWorker<Remote<FileReader>> {
  const worker = new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module' });
  const end = (): void => {
    worker.terminate();
  };
  return { remote: wrap<FileReader>(worker), end };
}

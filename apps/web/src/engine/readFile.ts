import type { Incoming, PasteHabits, Result, SoloFile } from '@drop-close/core';
import { wrap, type Remote } from 'comlink';
import { Cancelled } from './client';
import type { FileReader } from './protocol';

/** No file that is brought in here is larger; told before it is read, in bytes. */
const LARGEST = 10_000_000;
/** How long a file may take to read, in ms: what takes longer was made to. */
const LONGEST = 20_000;

const TOO_LARGE = 'This file is larger than 10 MB; a file of one tune is far smaller.';
const TOO_LONG = 'This file takes longer than 20 seconds to read, so it was given up.';

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

async function readAside<T, R>(
  file: Blob,
  signal: AbortSignal,
  read: (remote: R, bytes: Uint8Array) => Promise<Result<T, string>>,
  startWorker: () => FileWorker<R>,
): Promise<Result<T, string>> {
  if (file.size > LARGEST) return { ok: false, problem: TOO_LARGE };
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
    const timer = setTimeout(resolve, LONGEST, { ok: false, problem: TOO_LONG });
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

import type { SoloLine } from '@drop-close/core';
import { engine } from '../engine/client';

/** What came of a file. */
export interface Told {
  readonly name: string;
  readonly line?: SoloLine;
  readonly problem?: string;
  readonly skipped: readonly string[];
  /** The meter it begins in, where the file names one. */
  readonly meter?: string;
}

/** Reads a solo out of a file, in the worker. */
export async function readFile(file: File): Promise<Told> {
  const { solo, problem } = await engine.readSolo(new Uint8Array(await file.arrayBuffer()));
  if (!solo) return { name: file.name, problem: problem ?? 'It cannot be read.', skipped: [] };
  const name = solo.name || file.name.replace(/\.[^.]+$/, '');
  const { line, skipped, meter } = solo;
  return { name: name.slice(0, 80), line, skipped, ...(meter && { meter }) };
}

import type { SoloLine } from '@drop-close/core';
import { readSoloAside } from '../engine/readFile';

/** Of a solo line. */
const LONGEST_NAME = 80;

/** What came of a file. */
export interface Told {
  readonly name: string;
  readonly line?: SoloLine;
  readonly problem?: string;
  readonly skipped: readonly string[];
  /** The meter it begins in, where the file names one. */
  readonly meter?: string;
}

/**
 * Reads a solo out of a file.
 * @throws Cancelled once the signal is given
 */
export async function readFile(file: File, signal: AbortSignal): Promise<Told> {
  const read = await readSoloAside(file, signal);
  if (!read.ok) return { name: file.name, problem: read.problem, skipped: [] };
  const { line, skipped, meter } = read.value;
  const name = read.value.name || file.name.replace(/\.[^.]+$/, '');
  return { name: name.slice(0, LONGEST_NAME), line, skipped, ...(meter && { meter }) };
}

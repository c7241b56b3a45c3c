import { prettyNote } from '@drop-close/core';

/** A key for reading: `Eb` is "E♭ major", `Cm` is "C minor". */
export function keyName(key: string): string {
  const minor = key.endsWith('m');
  return `${prettyNote(minor ? key.slice(0, -1) : key)} ${minor ? 'minor' : 'major'}`;
}

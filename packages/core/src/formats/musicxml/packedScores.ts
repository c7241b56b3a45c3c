import { strToU8, zipSync } from 'fflate';
import type { Score } from '../../score/types';
import { fileName } from '../../base/fileName';
import { ALWAYS } from './packed';
import { writeMusicXml } from './writeScore';

export interface NamedScore {
  readonly name: string;
  readonly score: Score;
}

/** Documents as MusicXML in one archive, numbered in their order. */
export function packScores(scores: readonly NamedScore[]): Uint8Array<ArrayBuffer> {
  const digits = String(scores.length).length;
  const files = scores.map(({ name, score }, at): [string, Uint8Array] => [
    `${String(at + 1).padStart(digits, '0')} ${fileName(name) || 'tune'}.musicxml`,
    strToU8(writeMusicXml(score)),
  ]);
  return new Uint8Array(zipSync(Object.fromEntries(files), { mtime: ALWAYS }));
}

import { strToU8, zipSync } from 'fflate';
import type { Score } from '../../score/types';
import { fileName } from '../../base/fileName';
import { ALWAYS } from './packed';
import { writeMusicXml } from './writeScore';

export interface NamedScore {
  readonly name: string;
  readonly score: Score;
}

/** Documents that belong together, as all those of one player. */
export interface ScoreFolder {
  readonly folder: string;
  readonly scores: readonly NamedScore[];
}

/** Documents as MusicXML in one archive, numbered in their order. */
export const packScores = (scores: readonly NamedScore[]): Uint8Array<ArrayBuffer> =>
  pack(numbered(scores));

/** Documents as MusicXML in one archive, those of each folder numbered in their order. */
export const packParts = (parts: readonly ScoreFolder[]): Uint8Array<ArrayBuffer> =>
  pack(
    parts.flatMap(({ folder, scores }) =>
      numbered(scores).map(([name, bytes]): NamedFile => [`${fileName(folder)}/${name}`, bytes]),
    ),
  );

type NamedFile = readonly [name: string, bytes: Uint8Array];

function numbered(scores: readonly NamedScore[]): NamedFile[] {
  const digits = String(scores.length).length;
  return scores.map(({ name, score }, at) => [
    `${String(at + 1).padStart(digits, '0')} ${fileName(name) || 'tune'}.musicxml`,
    strToU8(writeMusicXml(score)),
  ]);
}

const pack = (files: readonly NamedFile[]): Uint8Array<ArrayBuffer> =>
  new Uint8Array(zipSync(Object.fromEntries(files), { mtime: ALWAYS }));

import { parseMeter } from '../chart/meter';
import { tellCharts } from './tellCharts';
import { tellSetups } from './tellSetups';
import type { TuneVersion } from './types';

/**
 * What changed from one version of a tune to another, each in a few words: `bar 3: G7 → Db7`,
 * `tempo 120 → 132`, `2 locks added`. Empty where nothing did.
 */
export function tellChanges(before: TuneVersion, after: TuneVersion): string[] {
  return [
    ...FIELDS.flatMap((field) => {
      const [was, is] = [String(before[field]), String(after[field])];
      return was === is ? [] : [`${field} ${was} → ${is}`];
    }),
    ...tellCharts(before, after, parseMeter(after.meter)),
    ...(before.arrangementName === after.arrangementName
      ? []
      : [`arrangement ${before.arrangementName} → ${after.arrangementName}`]),
    ...tellSetups(before.setup, after.setup),
  ];
}

const FIELDS = ['title', 'key', 'meter', 'tempo', 'feel'] as const;

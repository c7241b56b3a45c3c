import { parseMeter } from '../chart/meter';
import type { WrittenChart } from '../chart/places/written';
import { mergeCharts } from './mergeCharts';
import { mergeValues, type Conflict } from './mergeValues';
import type { ThreeOf, TuneVersion } from './types';

/** What became of two versions of a tune. */
export type MergeOutcome =
  | { readonly status: 'merged'; readonly tune: TuneVersion }
  /** Both sides changed the same: where, each as the path of a field, `text` for the changes. */
  | { readonly status: 'conflict'; readonly conflicts: readonly Conflict[] };

/**
 * Brings together what two sides made of a tune, by place: bars by bar, locks and notes by chord, hits by
 * bar, all other settings each by itself. Symmetric but for the order of what was added.
 */
export function mergeTunes(sides: ThreeOf<TuneVersion>): MergeOutcome {
  const fields = mergeValues(
    { base: fieldsOf(sides.base), mine: fieldsOf(sides.mine), theirs: fieldsOf(sides.theirs) },
    '',
  );
  // Fields come back in the shape they went in.
  const merged = fields.value as Omit<TuneVersion, 'text' | 'places'>;
  const written = mergeCharts(
    { base: writtenOf(sides.base), mine: writtenOf(sides.mine), theirs: writtenOf(sides.theirs) },
    parseMeter(merged.meter),
  );
  const conflicts = written ? fields.conflicts : [{ path: 'text' }, ...fields.conflicts];
  if (!written || conflicts.length) return { status: 'conflict', conflicts };
  return { status: 'merged', tune: { ...merged, ...written } };
}

function fieldsOf({ text, places, ...fields }: TuneVersion): Omit<TuneVersion, 'text' | 'places'> {
  return fields;
}

const writtenOf = ({ text, places }: TuneVersion): WrittenChart => ({ text, places });

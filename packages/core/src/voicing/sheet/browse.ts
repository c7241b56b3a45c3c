/**
 * Every grip of one family for one chord, laid out as the neck is learned: what is in the bass along one
 * axis, which strings (or, on keys, from which octave) along the other.
 */
import { STACKING_ORDER, type Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import { enumerateVoicings } from '../enumerate';
import { octaveOf } from '../../pitch/spelling';
import type { FamilyId, Voicing, VoicingSettings } from '../base/types';

export interface FamilyTable {
  /** What is in the bass, in stacking order. */
  readonly rows: readonly Degree[];
  /** Strings used, from the lowest up as `5 4 3 2`, sets that skip none first; on keys the octave of the lowest note, as `C3`. */
  readonly columns: readonly string[];
  /** By row, then column: the grips there, from low to high. */
  readonly cells: readonly (readonly (readonly Voicing[])[])[];
}

export function browseFamily(
  chord: PitchedChord,
  family: FamilyId,
  settings: VoicingSettings,
): FamilyTable {
  const all = enumerateVoicings(chord, { ...settings, families: [family] });
  const rowOf = ({ notes }: Voicing): Degree => notes[0]!.degree;
  const rows = STACKING_ORDER.filter((degree) => all.some((voicing) => rowOf(voicing) === degree));
  const columns = [...new Set(all.map(columnOf))].sort(byPlace);
  const cells = rows.map((row) =>
    columns.map((column) =>
      all
        .filter((voicing) => rowOf(voicing) === row && columnOf(voicing) === column)
        .sort(byPosition),
    ),
  );
  return { rows, columns, cells };
}

function columnOf({ notes }: Voicing): string {
  const strings = notes.flatMap(({ string }) => (string === undefined ? [] : [string]));
  return strings.length
    ? [...strings].sort((a, b) => b - a).join(' ')
    : `C${octaveOf(notes[0]!.midi)}`;
}

/** String sets that skip fewest strings first, then from the low strings up; octaves from low to high. */
function byPlace(a: string, b: string): number {
  if (a.startsWith('C')) return a.localeCompare(b, 'en', { numeric: true });
  return skippedIn(a) - skippedIn(b) || b.localeCompare(a);
}

function skippedIn(set: string): number {
  const strings = set.split(' ').map(Number);
  return strings[0]! - strings.at(-1)! + 1 - strings.length;
}

function byPosition(a: Voicing, b: Voicing): number {
  const lowest = ({ notes }: Voicing): number => Math.min(...notes.map(({ fret }) => fret ?? 0));
  return a.notes[0]!.midi - b.notes[0]!.midi || lowest(a) - lowest(b);
}

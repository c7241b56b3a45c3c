/** The voicings of a chorus and what their changes cost, as a table that any spreadsheet opens (CSV, RFC 4180). */
import Papa from 'papaparse';
import type { Timeline } from '../chart/timeline';
import type { MotionKind } from '../connect/base/match';
import type { ConnectedPath } from '../connect/base/types';
import { pitchName } from '../voicing/base/pitchName';

const COLUMNS = [
  ...['bar', 'beat', 'chord', 'family', 'notes', 'degrees', 'frets'],
  ...['motion', 'held', 'half steps', 'whole steps', 'leaps', 'cost of the change'],
];
/** A text that a spreadsheet would take for a formula gets an apostrophe before it. Source: OWASP, CSV injection. */
const SAFE = { escapeFormulae: true };
const TENTHS = 10;

/** One line for each chord; notes and degrees from the lowest, frets from the lowest string, motion from the chord before. */
export function voicingsCsv({ events }: Timeline, { path, changes }: ConnectedPath): string {
  const data = events.map(({ chord, bar, beat }, at) => {
    const { family, notes } = path[at]!;
    const change = changes.find(({ to }) => to === at && at > 0);
    const count = (kind: MotionKind): number | '' =>
      change ? change.voices.filter((voice) => voice.kind === kind).length : '';
    const cost = change && Object.values(change.cost).reduce((sum, each) => sum + each, 0);
    return [
      ...[bar, beat, chord.symbol, notes.length ? family : ''],
      notes.map(({ midi }) => pitchName(midi)).join(' '),
      notes.map(({ degree }) => degree).join(' '),
      fretsOf(notes),
      change?.motion ?? '',
      ...[count('held'), count('half step'), count('whole step'), count('leap')],
      cost === undefined ? '' : Math.round(cost * TENTHS) / TENTHS,
    ];
  });
  return `${Papa.unparse({ fields: COLUMNS, data }, SAFE)}\r\n`;
}

/** As players write a grip: `6:8 4:7 3:8`, string and fret from the lowest string; empty on keys. */
const fretsOf = (notes: ConnectedPath['path'][number]['notes']): string =>
  [...notes]
    .sort((a, b) => (b.string ?? 0) - (a.string ?? 0))
    .flatMap(({ string, fret }) =>
      string === undefined || fret === undefined ? [] : [`${string}:${fret}`],
    )
    .join(' ');

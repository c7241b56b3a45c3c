import { semitonesOf, type Degree } from './degrees';
import type { PitchedChord } from './types';

/**
 * Tensions of a quality that stands alone, without a key to judge it by. Columns: degrees the chord must
 * have, then what may be added; the first row that fits is taken. Source: common practice.
 */
const USUAL: readonly (readonly [has: string, tensions: string])[] = [
  ['b3 b5 bb7', '9 11 b13 7'],
  ['b3 b5 b7', '9 11 b13'],
  ['b3 b5', '9 11'],
  ['b3 b7', '9 11'],
  ['b3 7', '9 11 13'],
  ['b3 6', '9 11'],
  ['b3 5', '9 11 6'],
  ['3 #5 7', '9 #11'],
  ['3 #5 b7', '9 #11'],
  ['3 b5 b7', '9'],
  ['3 b7', '9 13'],
  ['4 b7', '9 13'],
  ['3 7', '9 13'],
  ['3 6', '9'],
  ['3 5', '9 6'],
];

/** A tension is contradicted by these where the symbol writes them. */
const CONTRADICTED_BY: Partial<Record<Degree, readonly Degree[]>> = {
  '9': ['b9', '#9'],
  '13': ['b13', '#5'],
  '11': ['#11'],
};

/**
 * The tensions a chord may take: those of its context, or the usual ones of its quality. Never a tone
 * it has already, nor one its symbol contradicts.
 */
export function tensionsOf(chord: PitchedChord): readonly Degree[] {
  const has = new Set<Degree>(chord.tones.map((tone) => tone.degree));
  const pitches = new Set([...has].map(semitonesOf));
  const row = USUAL.find(([needed]) => needed.split(' ').every((d) => has.has(d as Degree)));
  const offered = chord.tensions ?? ((row?.[1].split(' ') ?? []) as Degree[]);
  return offered.filter(
    (degree) =>
      !pitches.has(semitonesOf(degree)) &&
      !(CONTRADICTED_BY[degree] ?? []).some((written) => has.has(written)),
  );
}

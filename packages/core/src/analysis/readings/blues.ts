import { pitchClass } from '../../base/units';
import { isTwo } from './moment';
import type { Moment } from '../base/moments';

/** Twelve bars of blues. */
export interface BluesChorus {
  /** From 1. */
  readonly fromBar: number;
  readonly tonic: number;
  readonly minor: boolean;
}

/** The chords that begin in a bar or sound into it. */
export type BarChords = readonly (readonly Moment[])[];

/**
 * Twelve bars are a blues when bar 1 stands on the tonic and bar 3 or 4 again, bar 5 on its IV, bar 7 comes home, and
 * a V (or its substitute, or the bVII7) is heard in bars 9 or 10, all with sevenths or in minor.
 * Source: common practice.
 */
export function bluesAt(bars: BarChords, fromBar: number): BluesChorus | undefined {
  const bar = (number: number): readonly Moment[] => bars[fromBar - 1 + number - 1] ?? [];
  const first = bar(1)[0];
  if (!first || fromBar - 1 + 12 > bars.length) return undefined;
  const tonic = first.root;
  const begins = (number: number, root: number): boolean => bar(number)[0]?.root === root;
  const four = pitchClass(tonic + 5);
  const has = (number: number, ...roots: number[]): boolean =>
    bar(number).some((moment) => roots.includes(pitchClass(moment.root - tonic)));
  const shape =
    (begins(3, tonic) || has(4, 0)) &&
    begins(5, four) &&
    has(7, 0, 4) &&
    (has(9, 7, 1, 8, 10) || has(10, 7, 1, 10));
  const minor = isTwo(first);
  const blues = minor ? isTwo(bar(5)[0]!) : bar(5)[0]?.class === 'dominant';
  return shape && blues ? { fromBar, tonic, minor } : undefined;
}

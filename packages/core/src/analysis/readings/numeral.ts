import { pitchClass } from '../../base/units';
import { suffixOf, type ChordClass } from '../base/chordClass';
import type { Key } from '../base/key';
import type { Moment } from '../base/moments';
import { MINOR_DEGREES, ROMAN } from './data';

const LOWER: readonly ChordClass[] = ['minor', 'half-diminished', 'diminished'];

/** Semitones of a root above the tonic, 0..11. */
export const above = ({ tonic }: Key, root: number): number => pitchClass(root - tonic);

/** The number of a chord by its root and body, as `iiø` or `bVIImaj7`. */
export function numeralOf(
  key: Key,
  moment: Moment,
  roman: string = ROMAN[above(key, moment.root)]!,
): string {
  return casedAs(moment.class, roman) + suffixOf(moment.chord, moment.class);
}

/** A root by its number alone: small where the key's own chord there is minor. */
export function degreeName(key: Key, root: number): string {
  const offset = above(key, root);
  const small = MINOR_DEGREES[key.mode].includes(offset);
  return small ? lower(ROMAN[offset]!) : ROMAN[offset]!;
}

const casedAs = (kind: ChordClass, roman: string): string =>
  LOWER.includes(kind) ? lower(roman) : roman;

/** The accidental of a number is a small b already. */
const lower = (roman: string): string => roman.toLowerCase();

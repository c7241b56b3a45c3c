import { semitonesOf, type Degree } from '../../chord/degrees';
import { degreeAt, type Material } from '../base/material';
import type { ToneChoice, VoicingFamily } from './family';

/**
 * Any playable choice of the chord's tones and available tensions that holds the guide tones and all that
 * the symbol writes.
 */
export const colour: VoicingFamily = {
  id: 'colour',
  label: 'free colours',
  about: 'Any choice of chord tones and tensions that keeps the guide tones: for a top line.',
  of: { kind: 'free', choice },
};

const FEWEST = 3;
const MOST = 5;

function choice(material: Material): ToneChoice {
  const { degrees, tensions, guideTones, demands, lowest, below, incomplete } = material;
  const bass = below === undefined ? undefined : degreeAt(material, below);
  const bottom = bass ? [bass] : lowest;
  return {
    degrees: distinctPitches([...degrees, ...tensions, ...(bass ? [bass] : [])]),
    guideTones,
    mayMiss: incomplete ? 1 : 0,
    demands,
    ...(bottom ? { lowest: bottom } : {}),
    fewest: FEWEST,
    most: MOST,
  };
}

const distinctPitches = (degrees: readonly Degree[]): Degree[] =>
  [
    ...new Map([...degrees].reverse().map((degree) => [semitonesOf(degree), degree])).values(),
  ].reverse();

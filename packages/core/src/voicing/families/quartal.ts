import { semitonesOf, type Degree } from '../../chord/degrees';
import { semitones } from '../../base/units';
import type { Material } from '../base/material';
import { stackOf } from '../base/stacks';
import type { DegreeStack, StackTone } from '../base/types';
import type { VoicingFamily } from './family';

const FOURTHS = [5, 6];
const SIZES = [3, 4, 5];

/** Fourths, perfect or augmented, out of the chord and its tensions, holding at least one guide tone. */
export const quartal: VoicingFamily = {
  id: 'quartal',
  label: 'in fourths',
  lentLast: true,
  about: 'Stacked fourths from the chord and its tensions.',
  of: {
    kind: 'stacks',
    stacks: (material) => SIZES.flatMap((size) => towers(material, size)),
  },
};

function towers(material: Material, size: number): DegreeStack[] {
  const pool = [...material.degrees, ...material.tensions];
  const above = (tones: readonly StackTone[]): StackTone[][] => {
    if (tones.length === size) return [[...tones]];
    const top = tones.at(-1)!.height;
    return FOURTHS.flatMap((fourth) => {
      const degree = pool.find((d) => semitonesOf(d) === (top + fourth) % 12);
      const fresh = degree && !tones.some((tone) => tone.degree === degree);
      return fresh ? above([...tones, { degree, height: semitones(top + fourth) }]) : [];
    });
  };
  const tells = (tones: readonly StackTone[]): boolean =>
    tones.some(({ degree }) => tellingTones(material).includes(degree));
  return pool
    .flatMap((degree) => above([{ degree, height: semitones(semitonesOf(degree)) }]))
    .filter(tells)
    .map((tones) => stackOf(tones));
}

/** The root of a triad is a guide tone in name only: it tells nothing of third or seventh. */
const tellingTones = ({ guideTones }: Material): Degree[] =>
  guideTones.filter((degree) => degree !== 'R' || guideTones.length === 1);

import { semitonesOf, type Degree } from '../../chord/degrees';
import { pitchClass, semitones } from '../../base/units';
import { degreeAt, type Material } from '../base/material';
import { drop, stackOf } from '../base/stacks';
import type { DegreeStack, StackTone } from '../base/types';
import type { VoicingFamily } from './family';

/** Chords of the scale in semitones above their own root. */
const SIXTH = [0, 4, 7, 9];
const MINOR_SIXTH = [0, 3, 7, 9];
const DIMINISHED = [0, 3, 6, 9];

/**
 * The sixth chord a chord is read as. Columns: degrees the chord must have, the degree the sixth chord
 * stands on (in semitones), its tones. First row that fits. Source: common practice (sixth and
 * diminished: m7 as the relative major's sixth, half-diminished as the minor sixth on its third, a
 * dominant by the minor sixth on its fifth, an altered one by the minor sixth a half step up).
 */
const READ_AS: readonly (readonly [has: string, on: number, tones: readonly number[]])[] = [
  ['b3 b5 bb7', 0, DIMINISHED],
  ['b3 b5 b7', 3, MINOR_SIXTH],
  ['b3 b7', 3, SIXTH],
  ['b3', 0, MINOR_SIXTH],
  ['4 b7', 10, SIXTH],
  ['3 b7 #9', 1, MINOR_SIXTH],
  ['3 b7 b13', 1, MINOR_SIXTH],
  ['3 b7 #5', 1, MINOR_SIXTH],
  ['3 b7 b9', 1, DIMINISHED],
  ['3 b7', 7, MINOR_SIXTH],
  ['3', 0, SIXTH],
];

export interface SixthReading {
  /** Root of the sixth chord, in semitones above the chord's. */
  readonly on: number;
  readonly tones: readonly number[];
}

/** The sixth chord that stands for a chord; none where it has no third. */
export function sixthReading({ essential, degrees }: Material): SixthReading | undefined {
  const has = new Set<Degree>([...essential, ...degrees]);
  const row = READ_AS.find(([needed]) => needed.split(' ').every((d) => has.has(d as Degree)));
  return row && { on: row[1], tones: row[2] };
}

/** Sixth chord inversions, close and drop 2, and close with the top doubled an octave below. */
export const block: VoicingFamily = {
  id: 'block',
  label: 'block chords',
  about: 'The sixth chord that stands for the chord: under a line, or moving inside one chord.',
  of: { kind: 'stacks', stacks },
};

function stacks(material: Material): DegreeStack[] {
  const reading = sixthReading(material);
  if (!reading) return [];
  const rising = reading.tones
    .map((tone) => pitchClass(tone + reading.on) as number)
    .sort((a, b) => a - b);
  const closed = rising.map((_, index) => {
    const heights = [...rising.slice(index), ...rising.slice(0, index).map((h) => h + 12)];
    return stackOf(heights.map((height) => toneAt(material, height)));
  });
  const dropped = closed.map((stack) => drop(stack, [2]));
  const doubled = closed.map(({ tones }) => {
    const top = tones.at(-1)!;
    return stackOf([{ ...top, height: semitones(top.height - 12) }, ...tones]);
  });
  return [...closed, ...dropped, ...doubled];
}

const toneAt = (material: Material, height: number): StackTone => ({
  degree: nameIn(material, height),
  height: semitones(height),
});

/** The sixth chord of a maj7 has the 6 where the symbol has the 7. */
const nameIn = (material: Material, height: number): Degree =>
  height % 12 === semitonesOf('6') && !material.degrees.includes('b7')
    ? material.degrees.includes('bb7')
      ? 'bb7'
      : '6'
    : degreeAt(material, height);

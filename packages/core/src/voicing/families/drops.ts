import { drop } from '../stacks';
import type { FamilyId } from '../types';
import { closeStacks } from './close';
import type { VoicingFamily } from './family';

/** Which voices of close position fall an octave, counted from the top. Source: common practice. */
export const DROPPED: Partial<Record<FamilyId, readonly number[]>> = {
  drop2: [2],
  drop3: [3],
  drop24: [2, 4],
  drop23: [2, 3],
};

const dropFamily = (id: FamilyId, label: string, about: string): VoicingFamily => ({
  id,
  label,
  about,
  of: {
    kind: 'stacks',
    stacks: (material) => closeStacks(material).map((stack) => drop(stack, DROPPED[id] ?? [])),
  },
});

export const drops: readonly VoicingFamily[] = [
  dropFamily(
    'drop2',
    'drop 2',
    'Close position with the second voice from the top an octave lower.',
  ),
  dropFamily(
    'drop3',
    'drop 3',
    'Close position with the third voice from the top an octave lower.',
  ),
  dropFamily(
    'drop24',
    'drop 2 and 4',
    'Close position with the second and fourth voice from the top an octave lower.',
  ),
  dropFamily(
    'drop23',
    'drop 2 and 3',
    'Close position with the second and third voice from the top an octave lower.',
  ),
];

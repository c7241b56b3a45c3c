import { drop } from '../base/stacks';
import type { FamilyId } from '../base/types';
import { closeStacks } from './close';
import type { VoicingFamily } from './family';

/** Which voices of close position fall an octave, counted from the top. Source: common practice. */
const dropFamily = (
  id: FamilyId,
  label: string,
  about: string,
  dropped: readonly number[],
  strings?: readonly string[],
): VoicingFamily => ({
  id,
  label,
  about,
  dropped,
  ...(strings ? { strings } : {}),
  of: {
    kind: 'stacks',
    stacks: (material) => closeStacks(material).map((stack) => drop(stack, dropped)),
  },
});

export const drops: readonly VoicingFamily[] = [
  dropFamily(
    'drop2',
    'drop 2',
    'Close position with the second voice from the top an octave lower.',
    [2],
    ['6543', '5432', '4321'],
  ),
  dropFamily(
    'drop3',
    'drop 3',
    'Close position with the third voice from the top an octave lower.',
    [3],
    ['6432', '5321'],
  ),
  dropFamily(
    'drop24',
    'drop 2 and 4',
    'Close position with the second and fourth voice from the top an octave lower.',
    [2, 4],
    ['6532', '5421'],
  ),
  dropFamily(
    'drop23',
    'drop 2 and 3',
    'Close position with the second and third voice from the top an octave lower.',
    [2, 3],
  ),
];

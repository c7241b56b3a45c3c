import type { Material } from '../base/material';
import { closePositions } from '../base/stacks';
import { toneSets } from '../base/toneSets';
import type { DegreeStack } from '../base/types';
import type { VoicingFamily } from './family';

export const closeStacks = (material: Material): DegreeStack[] =>
  toneSets(material, 4).flatMap(closePositions);

export const close: VoicingFamily = {
  id: 'close',
  label: 'close',
  about: 'All voices within an octave, every inversion.',
  of: { kind: 'stacks', stacks: closeStacks },
};

import type { Material } from '../material';
import { closePositions } from '../stacks';
import { toneSets } from '../toneSets';
import type { DegreeStack } from '../types';
import type { VoicingFamily } from './family';

export const closeStacks = (material: Material): DegreeStack[] =>
  toneSets(material, 4).flatMap(closePositions);

export const close: VoicingFamily = {
  id: 'close',
  label: 'close',
  about: 'All voices within an octave, every inversion.',
  of: { kind: 'stacks', stacks: closeStacks },
};

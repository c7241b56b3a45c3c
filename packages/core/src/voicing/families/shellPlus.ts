import { semitonesOf } from '../../chord/degrees';
import { tonesUp, stackOf } from '../base/stacks';
import type { VoicingFamily } from './family';
import { shellStacks } from './shell';

/**
 * A shell with one colour on top: a guide tone that the shell leaves out, as the b5 of a diminished seventh;
 * else a tone the symbol writes beyond its shell, or an available tension.
 */
export const shellPlus: VoicingFamily = {
  id: 'shell+',
  label: 'shell and colour',
  about: 'A shell with one colour on top.',
  of: {
    kind: 'stacks',
    stacks: (material) => {
      const { degrees, tensions, guideTones } = material;
      return shellStacks(material).flatMap(({ tones }) => {
        const held = tones.map(({ degree }) => semitonesOf(degree));
        const top = tones.at(-1)?.height ?? 0;
        const missing = guideTones.filter((degree) => !held.includes(semitonesOf(degree)));
        const colours = missing.length ? missing : [...degrees, ...tensions];
        return colours
          .filter((colour) => colour !== '5' && !held.includes(semitonesOf(colour)))
          .map((colour) => stackOf([...tones, ...tonesUp([colour], top)]));
      });
    },
  },
};

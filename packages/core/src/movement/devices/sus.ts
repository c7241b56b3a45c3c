import { isDominant } from '../kinds';
import { inARow } from '../parts';
import type { MovementDevice } from '../types';

/** The 4 over the same root falls to the 3. Source: common practice. */
export const sus: MovementDevice = {
  id: 'sus',
  label: 'Suspend, then resolve',
  about: 'Over one root the 4 is held where the 3 will be, and falls to it.',
  group: 'hold and move',
  level: 1,
  offers: ({ here: { chord, length } }) => {
    if (!isDominant(chord) || length < 2) return [];
    const suspended = `${chord.root}${chord.colours.includes('9') ? '9' : '7'}sus4`;
    return [
      {
        device: 'sus',
        variant: '4 to 3',
        label: '4 to 3',
        why: `In ${suspended} the 4 stands for the 3, and falls to it a half step.`,
        covers: 1,
        chords: inARow([
          [{ symbol: suspended }, length / 2],
          [{ symbol: chord.symbol }, length / 2],
        ]),
      },
    ];
  },
};

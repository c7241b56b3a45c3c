import { standIns } from '../../analysis/standIns';
import { inARow } from '../parts';
import type { MovementDevice } from '../types';

/** Another chord of the same function in its place, tritone substitute, backdoor and minor iv included. */
export const standIn: MovementDevice = {
  id: 'stand-in',
  label: 'Substitute another chord',
  about:
    'A chord of the same function: the tritone substitute, the backdoor, minor iv, or a neighbour.',
  group: 'other chords',
  level: 3,
  offers: ({ here: { analysis, length } }) =>
    standIns(analysis).map(({ numeral, symbol, why }) => ({
      device: 'stand-in',
      variant: numeral,
      label: nameOf(numeral, symbol),
      why: `${symbol} ${why}.`,
      covers: 1,
      chords: inARow([[{ symbol }, length]]),
    })),
};

/** What players call some of them. */
const CALLED: Readonly<Record<string, string>> = {
  subV7: 'tritone substitute',
  bVII7: 'backdoor',
  iv6: 'minor iv',
};

const nameOf = (numeral: string, symbol: string): string =>
  `${symbol}, ${CALLED[numeral] ?? numeral}`;

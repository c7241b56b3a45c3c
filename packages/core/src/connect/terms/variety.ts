import { voicingKey } from '../../voicing/enumerate';
import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/** The same grip again where a chord returns and another was asked for; a split chord in one colour. */
export const variety: CostTerm = {
  id: 'variety',
  label: 'Vary what returns',
  grip: ({ voicing, at, settings: { wishes } }) =>
    wishes.earlier[at]?.includes(voicingKey(voicing)) ? SIZES.sameGrip : 0,
  again: SIZES.sameColour,
};

import { pitchName } from '../base/pitchName';
import { LIMITS, problemsAmong, within, type Check, type SettingProblem } from '../base/problem';
import type { Hand, Keyboard } from '../base/types';

/** What cannot be about a keyboard and its player's hands. */
export function problemsOfKeyboard({ lowest, highest, reach }: Keyboard): SettingProblem[] {
  const hand = (name: Hand): Check =>
    within(`reach.${name}`, reach[name], LIMITS.reach, `The ${name} hand spans half steps`);
  return problemsAmong([
    within('lowest', lowest, LIMITS.pitch, 'A key sounds'),
    within('highest', highest, LIMITS.pitch, 'A key sounds'),
    lowest < highest
      ? undefined
      : {
          path: 'highest',
          message: `The highest key, ${pitchName(highest)}, is not above the lowest, ${pitchName(lowest)}.`,
        },
    hand('left'),
    hand('right'),
  ]);
}

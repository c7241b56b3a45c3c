import { FRETTED, labelOfInstrument } from '../base/instruments';
import { pitchName } from '../base/pitchName';
import { LIMITS, problemsAmong, within, type Check, type SettingProblem } from '../base/problem';
import type { Fretted, Voicing } from '../base/types';

/** What cannot be about a fretted instrument and its player's hand. */
export function problemsOfNeck(neck: Fretted): SettingProblem[] {
  const { kind, tuning, frets, capo, scaleLengthMm, stringSpacingMm, hand } = neck;
  const { comfortableMm, limitMm } = hand;
  const noun = labelOfInstrument(kind).toLowerCase();
  return problemsAmong([
    within('tuning', tuning.length, LIMITS.strings, `A ${noun} has strings`),
    ...tuning.map((pitch, at) => within(`tuning.${at}`, pitch, LIMITS.pitch, 'A string sounds')),
    FRETTED[kind].rising ? tuningRises(tuning) : undefined,
    within('frets', frets, LIMITS.frets, 'A neck has frets'),
    within('capo', capo, { low: 0, high: Math.max(0, frets - 1) }, 'A capo lies on a fret'),
    within('scaleLengthMm', scaleLengthMm, LIMITS.scaleLengthMm, 'A scale is long, in mm,'),
    within('stringSpacingMm', stringSpacingMm, LIMITS.stringSpacingMm, 'Strings lie apart, in mm,'),
    within('hand.comfortableMm', comfortableMm, LIMITS.handMm, 'A hand opens, in mm,'),
    within('hand.limitMm', limitMm, LIMITS.handMm, 'A hand opens, in mm,'),
    comfortableMm <= limitMm
      ? undefined
      : {
          path: 'hand.limitMm',
          message: `What is comfortable, ${comfortableMm} mm, cannot be more than the limit, ${limitMm} mm.`,
        },
  ]);
}

function tuningRises(tuning: readonly number[]): Check {
  const at = tuning.findIndex((pitch, index) => index > 0 && pitch <= tuning[index - 1]!);
  if (at < 0) return undefined;
  const [lower, upper] = [tuning.length - at + 1, tuning.length - at];
  return {
    path: `tuning.${at}`,
    message: `String ${upper}, ${pitchName(tuning[at]!)}, is not above string ${lower}, ${pitchName(tuning[at - 1]!)}: strings go from the lowest to the highest.`,
  };
}

/** Whether a hand opens wide enough for one of these grips. */
export function handProblem(grips: readonly Voicing[], { hand }: Fretted): Check {
  const fretted = grips.filter(({ notes }) => notes.every(({ fret }) => fret !== 0));
  const narrowest = Math.ceil(Math.min(...fretted.map(({ stretchMm }) => stretchMm ?? Infinity)));
  if (hand.limitMm >= narrowest) return undefined;
  return {
    path: 'hand.limitMm',
    message: `A hand that opens ${hand.limitMm} mm holds no grip: the narrowest there is needs ${narrowest} mm.`,
  };
}

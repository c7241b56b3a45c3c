import type { Playing } from '../instruments/playing';
import type { Fretted } from '../base/types';
import { beyondHandOnStrings, easeOnStrings } from './easeOnStrings';
import { fretPosition, openPitches } from './geometry';
import { heldOnStrings, otherFingers } from './held';
import { movedOnStrings, soundsOnStrings } from './moved';
import { handProblem, problemsOfNeck } from './problems';
import { readStrings } from './readStrings';
import { lieOnStrings, strainOnStrings } from './strainOnStrings';
import { stringsPlayer } from './stringsPlayer';

/** How a fretted instrument is played: one hand on the neck, a string a note. */
export function stringsPlaying(neck: Fretted): Playing {
  const { tuning, frets, capo, scaleLengthMm } = neck;
  return {
    range: { low: Math.min(...openPitches(neck)), high: Math.max(...tuning) + frets },
    positionsMm: Array.from({ length: frets + 1 }, (_, fret) =>
      fretPosition(scaleLengthMm, capo + fret),
    ),
    player: (settings) => stringsPlayer(neck, settings),
    hold: (voicing) => heldOnStrings(voicing, neck),
    otherHolds: (voicing) => otherFingers(voicing, neck),
    sounds: (note) => soundsOnStrings(note, neck),
    moved: (voicing, by) => movedOnStrings(voicing, by, neck),
    read: (played) => readStrings(played, neck),
    strain: (voicing, sizes) => strainOnStrings(voicing, neck, sizes),
    lie: lieOnStrings,
    easeReason: (voicing) => easeOnStrings(voicing, neck),
    beyondHand: (names, grips) => beyondHandOnStrings(names, grips, neck),
    problems: () => problemsOfNeck(neck),
    handProblem: (grips) => handProblem(grips, neck),
  };
}

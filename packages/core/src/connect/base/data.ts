import { defaultVoicingSettings } from '../../voicing/data';
import type { ConnectSettings, Weights, Wishes } from './types';

/**
 * Every size in the cost of a path, in hundredths of a semitone equivalent. Source: our own judgement
 * of common practice; the user scales each term by its weight.
 */
export const SIZES = {
  /** A voice that moves one semitone. */
  semitone: 100,
  /** Added for the top voice, which the ear follows. */
  topSemitone: 50,
  /** A leap of it, beyond a major third. */
  topLeapt: 800,
  /** A voice that enters or ends where the voicings differ in size: players keep to as many as they began with. */
  spareVoice: 900,
  /** Each semitone of a leap beyond a major third; twice that in the top voice. */
  leapSemitone: 100,
  /** The whole hand moving an octave from one phrase to the next. */
  octaveMoved: 1200,
  /** All voices shifting by one and the same interval. */
  blockShift: 150,
  /** A seventh that does not fall by step to the third, where roots fall a fifth. */
  seventhMissed: 800,
  /** A third that neither holds nor steps down (nor, as leading tone, up to the root). */
  thirdMissed: 100,
  /** A suspended fourth that does not fall by step to the third of its root. */
  fourthMissed: 800,
  /** A flat ninth that does not fall a half step to the fifth. */
  flatNinthMissed: 800,
  /** Each semitone by which the middle of a voicing lies outside the centre of the room's window. */
  offCentreSemitone: 60,
  /** Each semitone between the middle of a voicing and the middle of that centre. */
  driftSemitone: 8,
  /** As much roughness as a half step on middle C has. */
  roughness: 25,
  /** Each semitone by which neighbouring voices lie below the low limit of their interval. */
  mudSemitone: 60,
  /**
   * Each tone that the chord needs or its symbol writes and that does not sound: where one of the chosen
   * families holds it, hardly anything else is worth leaving it out.
   */
  missingEssential: 2000,
  /** A root that sounds although a bass has it. */
  rootBesideBass: 150,
  /** While no bass plays: a section that begins on neither root nor fifth; a 9, 11 or 13 lowest. */
  sectionNotGrounded: 400,
  tensionLowest: 1500,
  /** Each millimetre of stretch, and each beyond comfort besides. */
  openMm: 0.5,
  stretchMm: 8,
  /** Each millimetre by which the index finger's position shifts. */
  shiftMm: 0.5,
  /** Each fret of the highest fretted note above the twelfth, where the body is in the way. */
  fretPastBody: 40,
  /** Each open string: it cannot be damped, slid or let go by the hand. */
  openString: 80,
  /** Each inner string a grip skips and has to keep silent. */
  skippedString: 50,
  /** Each semitone of one hand's span beyond an octave on keys. */
  spanSemitone: 40,
  /** A wanted top note that is not on top, and each semitone by which it is missed. */
  topMissed: 20000,
  offTopSemitone: 400,
  /** Each semitone the top moves where it was to hold, or goes the wrong way. */
  againstShape: 300,
  /** A top that does not rise or fall where it was to. */
  stillTop: 2000,
  /** A top note that the next chord has too, and that is let go. */
  commonToneLeft: 100,
  /** A voicing heard once more where others were asked for. */
  sameGrip: 800,
  /** Two parts of a split chord that sound the same. */
  sameColour: 2000,
} as const;

/** The leap that is still a step of the melody, in semitones: a major third. */
export const WIDEST_STEP = 4;

export const defaultWeights: Weights = {
  motion: 100,
  top: 100,
  leaps: 100,
  parallel: 100,
  voices: 100,
  resolution: 100,
  register: 100,
  drift: 100,
  sound: 100,
  bottom: 100,
  hand: 100,
  lie: 100,
  line: 100,
  variety: 100,
};

export const noWishes: Wishes = {
  tops: {},
  shapes: {},
  keepTop: false,
  earlier: {},
  splits: [],
  phraseEnds: [],
  sectionStarts: [],
};

/** Drop 2 on guitar, alone, the chorus played once. Spread it to make settings of your own. */
export const defaultSettings: ConnectSettings = {
  ...defaultVoicingSettings,
  weights: defaultWeights,
  loop: false,
  locks: {},
  mostSounds: Infinity,
  lendFamily: false,
  wishes: noWishes,
  rules: {},
};

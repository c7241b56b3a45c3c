import type { Result } from '../../base/result';
import type { Player } from './player';
import type { SettingProblem } from '../base/problem';
import type { PitchRange, VoicedNote, Voicing, VoicingSettings } from '../base/types';
import type { PlayedNote, Sounding } from './played';

/** How much what strains a hand counts, in hundredths of a semitone equivalent. */
export interface StrainSizes {
  /** Each millimetre of stretch, and each beyond comfort besides. */
  readonly openMm: number;
  readonly stretchMm: number;
  /** Each semitone of one hand's span beyond an octave on keys. */
  readonly spanSemitone: number;
}

/** How much it counts where on the neck a grip lies, in hundredths of a semitone equivalent. */
export interface LieSizes {
  /** Each fret of the highest fretted note past the body. */
  readonly fretPastBody: number;
  readonly openString: number;
  /** Each inner string a grip skips. */
  readonly skippedString: number;
}

/** A voicing held in another way: other fingers, other hands. */
export interface OtherHold {
  readonly voicing: Voicing;
  /** What is different, as a player says it: "with a barre". */
  readonly how: string;
}

/** What of the settings bears on how things are held. */
export type PlayerSettings = Pick<
  VoicingSettings,
  'room' | 'includeOutOfReach' | 'strings' | 'openStrings'
>;

/** All that depends on which instrument is played and by whose hands. */
export interface Playing {
  /** The lowest and the highest pitch there are. */
  readonly range: PitchRange;
  /** Where the hand stands for each fret, in mm from the nut; empty where it does not move along a neck. */
  readonly positionsMm: readonly number[];
  readonly player: (settings: PlayerSettings) => Player;
  /**
   * How notes whose places are known lie under the hand: fingers and stretch, or hands. What does not lie
   * is marked out of reach, never refused.
   */
  readonly hold: (voicing: Voicing) => Voicing;
  /** The same notes in other fingers, or in both hands. */
  readonly otherHolds: (voicing: Voicing) => readonly OtherHold[];
  /** Whether a note sounds as it is written where it is written. */
  readonly sounds: (note: VoicedNote) => boolean;
  /**
   * A voicing so many half steps higher: as it lies, else an octave off, else the same notes in another
   * place; `undefined` where the instrument or the hand has none.
   */
  readonly moved: (voicing: Voicing, by: number) => Voicing | undefined;
  /** What sounds and where of notes that a player gives, 1..12 of them; else a sentence for the player. */
  readonly read: (played: readonly PlayedNote[]) => Result<readonly Sounding[], string>;
  /** How hard a voicing is on the hand, in hundredths of a semitone equivalent. */
  readonly strain: (voicing: Voicing, sizes: StrainSizes) => number;
  /** How well it lies where it is; 0 where that is no matter. */
  readonly lie: (voicing: Voicing, sizes: LieSizes) => number;
  /** What an ease comes from, as one sentence. */
  readonly easeReason: (voicing: Voicing) => string;
  /** Why none of these voicings can be held, as a clause: "the narrowest grip of … needs …". */
  readonly beyondHand: (names: string, voicings: readonly Voicing[]) => string;
  /** What the instrument cannot be; none where it can be played. */
  readonly problems: () => SettingProblem[];
  /** Why a hand that can hold none of these voicings is no hand; `undefined` where it can hold one. */
  readonly handProblem: (voicings: readonly Voicing[]) => SettingProblem | undefined;
}

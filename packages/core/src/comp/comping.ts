import type { BarPlace } from '../chart/placeTypes';
import type { BassStyle, DrumStyle, Ending, Resting } from './styles';
import type { PatternFamily, Density } from './patterns/types';
import type { Strictness } from './solo/types';
import type { Hit, Loudness } from './base/types';
import type { AppliedDevice } from '../movement/types';

export const TEXTURES = ['as voiced', 'guide tones', 'shells', 'small', 'full'] as const;
/** How much of a chord sounds, from two guide tones to the fullest forms; `as voiced` leaves it as it is. */
export type Texture = (typeof TEXTURES)[number];

/** How far movement leads from the written changes: not at all, 0, to other chords in their place, 3. */
export type DeviceLevel = 0 | 1 | 2 | 3;

/** What one section of one chorus is to be like. */
export interface SectionPlan {
  readonly texture: Texture;
  /** `any`: what is at home in the feel, changing from phrase to phrase. */
  readonly family: PatternFamily | 'any';
  readonly density: Density;
  readonly loudness: Loudness;
  readonly devices: DeviceLevel;
  readonly rests: readonly Resting[];
}

/** What is planned for the section that lies between two bars of the chorus. */
export interface PlannedBars {
  readonly from: BarPlace;
  readonly to: BarPlace;
  readonly plan: SectionPlan;
}

/** Chorus by chorus, at least one; sections that nobody has planned are left out. */
export type ChorusPlan = readonly (readonly PlannedBars[])[];

/** How a tune is comped: what the hand plays when, and behind whom. */
export interface Comp {
  /** Of all choruses, one after the other; bars count on. None: every chord is struck plainly. */
  readonly hits: readonly Hit[];
  readonly devices: readonly AppliedDevice[];
  readonly plan: ChorusPlan;
  readonly bass: BassStyle;
  readonly drums: DrumStyle;
  /** As written when left out. */
  readonly ending?: Ending;
  /** How much the eighths swing, in percent of what the tempo gives, 0..150. */
  readonly swing: number;
  /** The solo line played behind, by its id. */
  readonly behind: string | null;
  /** The line is played by the same hands: it is no soloist's. Default not. */
  readonly ownLine?: boolean;
  /** How strictly the soloist is left alone, from 1 to 3. */
  readonly strictness: Strictness;
  /** Voicings keep clear of what the soloist holds. */
  readonly yields: boolean;
}

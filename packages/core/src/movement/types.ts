import type { ChordAnalysis } from '../analysis/base/types';
import type { AtChord } from '../chart/types';
import type { Chord, PitchedChord } from '../chord/types';
import type { Degree } from '../chord/degrees';
import type { TopMotion } from '../connect/base/types';
import type { FamilyId, PitchRange } from '../voicing/base/types';
import type { Under } from './harmoniseTypes';
import type { Steps } from '../voicing/stepped';

export const DEVICE_IDS = [
  'through the key',
  'approach chord',
  'slide',
  'sixth and diminished',
  'hold and move',
  'stand-in',
  'related two',
  'sus',
  'recast',
  'inner line',
  'two parts',
  'double stops',
  'enclosure',
  'harmonised line',
  'drone',
  'sixth to ninth',
  'cells up the neck',
  'call and answer',
] as const;
export type DeviceId = (typeof DEVICE_IDS)[number];

/** How a chord comes about that the connector does not voice by itself. */
export type MadeFrom =
  /** The grip of a neighbouring chord, or its top note alone, so many half steps higher. */
  | {
      readonly kind: 'slide';
      readonly of: 'before' | 'after';
      readonly by: number;
      readonly top?: boolean;
    }
  /** The voicing of another chord of the device, its voice with the degree moved so many half steps. */
  | { readonly kind: 'walk'; readonly from: number; readonly degree: Degree; readonly by: number }
  /** The voicing of another chord of the device, moved along a scale. */
  | { readonly kind: 'step'; readonly from: number; readonly steps: Steps }
  /** So many voices of another chord of the device, the lowest or the highest. */
  | {
      readonly kind: 'part';
      readonly from: number;
      readonly voices: number;
      readonly side: 'low' | 'high';
    }
  /** Just these notes. */
  | { readonly kind: 'notes'; readonly midis: readonly number[] };

export const DEVICE_GROUPS = ['the whole grip', 'hold and move', 'a line', 'other chords'] as const;
/**
 * What the hand does: takes the whole grip somewhere; holds some notes and moves others; plays a line; plays other
 * chords.
 */
export type DeviceGroup = (typeof DEVICE_GROUPS)[number];

/** One of the chords that a device makes. */
export interface MovedChord {
  /** Quarters after its stretch begins. */
  readonly at: number;
  /** In quarters. */
  readonly length: number;
  readonly symbol: string;
  /** Voiced with the surroundings where nothing is said. */
  readonly madeFrom?: MadeFrom;
  /** In place of the chosen families. */
  readonly families?: readonly FamilyId[];
  /** The degrees that sound, no others. */
  readonly degrees?: readonly Degree[];
  /** MIDI notes of which one is wanted on top. */
  readonly tops?: readonly number[];
  /** What its voicing has to be movable by: chords of the device are made of it so. */
  readonly steps?: readonly Steps[];
  /** MIDI notes of which one is wanted at the bottom. */
  readonly bottoms?: readonly number[];
  /** Which way the top goes from here to the next chord of the device. */
  readonly top?: TopMotion;
  /** What it shares with the chord before it goes on sounding and is not struck again. */
  readonly tied?: boolean;
}

/** Whole chords of the chorus, as a device meets them. */
export interface DeviceChord {
  readonly chord: Chord;
  /** In quarters. */
  readonly length: number;
  readonly analysis: ChordAnalysis;
}

/** Where a device may be applied. */
export interface DevicePlace {
  readonly here: DeviceChord & { readonly chord: PitchedChord };
  /** The chords after it, as far as the chorus goes; when it loops, the first ones come after the last. */
  readonly following: readonly DeviceChord[];
  /** The room's register. */
  readonly window: PitchRange;
  /** A line to be harmonised, as MIDI notes. */
  readonly line?: readonly number[];
  /** What the player chooses to stand under each note of it. */
  readonly under?: readonly Under[];
}

/** What a device makes of a place. */
export interface DeviceOffer {
  readonly device: DeviceId;
  /** Tells the offers of one device apart, in every key and whatever they are called; unique at its place. */
  readonly variant: string;
  /** What it is called here, in a player's words. */
  readonly label: string;
  /** What happens, and why it works. */
  readonly why: string;
  /** How many whole chords it takes in, from the one it is applied to; 1 or more. */
  readonly covers: number;
  /** They fill the stretch without gaps. */
  readonly chords: readonly MovedChord[];
  /** What tells it from the other forms of its device, where there are too many to look through. */
  readonly choices?: readonly Choice[];
  /** What the device asks of the chord after it, of which its own are made or to which they lead. */
  readonly leadsInto?: LedInto;
}

/** One of the things a player chooses, by its name, and what is chosen here; both in a player's words. */
export interface Choice {
  readonly name: string;
  readonly value: string;
}

/** What is asked of a chord that a device leads into. */
export type LedInto = Pick<MovedChord, 'steps' | 'bottoms'>;

export interface MovementDevice {
  readonly id: DeviceId;
  readonly label: string;
  readonly about: string;
  readonly group: DeviceGroup;
  /** How far it leads from the written changes: 1 colours them, 2 moves inside them, 3 puts others in. */
  readonly level: 1 | 2 | 3;
  readonly offers: (place: DevicePlace) => readonly DeviceOffer[];
}

/** A device a player has applied. `at` counts whole chords of the chorus. */
export interface AppliedDevice extends AtChord {
  /** Which time through, from 0. */
  readonly chorus: number;
  readonly device: DeviceId;
  readonly variant: string;
  /** The line of a harmonised line, as MIDI notes. */
  readonly line?: readonly number[];
}

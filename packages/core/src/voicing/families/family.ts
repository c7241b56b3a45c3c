import type { Degree } from '../../chord/degrees';
import type { Material } from '../base/material';
import type { DegreeStack, FamilyId } from '../base/types';

/** A voicing family: which tones it puts over one another, before octave, strings or hands. */
export interface VoicingFamily {
  readonly id: FamilyId;
  /** As a player says it, lower case: "drop 2". */
  readonly label: string;
  /** One line for the player who does not know the name. */
  readonly about: string;
  /** For a form made of close position: the voices that fall an octave, counted from the top. */
  readonly dropped?: readonly number[];
  /**
   * String sets it lives on where six strings or more are to be had, as `643`; others where a chord has no
   * grip on these. Missing: any. Source: common practice.
   */
  readonly strings?: readonly string[];
  /** Sets of strings that an étude of three voices crosses, where the form lies on now one, now the other. */
  readonly crossing?: readonly (readonly string[])[];
  /**
   * It goes through all degrees of a scale, whatever the symbol writes and whatever lies lowest: what is
   * left out is said, but nothing is passed over for it.
   */
  readonly everyDegree?: true;
  /** It need not tell the chord, so that others are lent before it. */
  readonly lentLast?: true;
  /** What it is for, where it is not for every instrument. */
  readonly only?: 'keys';
  /** The ways it stacks a chord; or, for the family that stacks freely, what it draws on. */
  readonly of: Stacking | FreeStacking;
}

export interface Stacking {
  readonly kind: 'stacks';
  readonly stacks: (material: Material) => readonly DegreeStack[];
}

/** Any choice of tones, in any order, that holds what is needed. */
export interface FreeStacking {
  readonly kind: 'free';
  readonly choice: (material: Material) => ToneChoice;
}

export interface ToneChoice {
  /** No two of one pitch. */
  readonly degrees: readonly Degree[];
  readonly guideTones: readonly Degree[];
  /** So many of the guide tones may be left out. */
  readonly mayMiss: number;
  /** Of each, one tone has to sound. */
  readonly demands: readonly (readonly Degree[])[];
  /** What may be lowest; anything when left out. */
  readonly lowest?: readonly Degree[];
  readonly fewest: number;
  readonly most: number;
  /** What the symbol writes and this choice leaves out. */
  readonly without?: readonly Degree[];
}

export const PARTS = ['comp', 'bass', 'drums', 'solo', 'click'] as const;
export type Part = (typeof PARTS)[number];

/** One note of the band, placed in time. */
export interface PlannedNote {
  readonly part: Part;
  /** Pitch, or the General MIDI key of a drum. */
  readonly midi: number;
  /** In quarter notes from the beginning of the plan. */
  readonly at: number;
  /** In quarter notes. */
  readonly length: number;
  /** 1..127. */
  readonly velocity: number;
}

/** The drum kit that is played. */
export type Kit = 'sticks' | 'brushes';

/** Times of a plan are in quarter notes; `length` is where a loop comes round. */
export interface BandPlan {
  readonly notes: readonly PlannedNote[];
  readonly length: number;
  /** How long a pickup sounds before 0, once; its notes have times below 0. 0 without one. */
  readonly pickup: number;
  /** Sticks when left out. */
  readonly kit?: Kit;
  /** A stretch that is played again at once, up to a moment. */
  readonly again?: { readonly from: number; readonly to: number; readonly until: number };
}

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

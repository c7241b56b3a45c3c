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

export const BASS_STYLES = ['by the feel', 'walking', 'two-feel', 'bossa', 'roots'] as const;
export type BassStyle = (typeof BASS_STYLES)[number];

export const DRUM_STYLES = ['by the feel', 'ride', 'brushes', 'waltz', 'straight'] as const;
export type DrumStyle = (typeof DRUM_STYLES)[number];

/** The drum kit that is played. */
export type Kit = 'sticks' | 'brushes';

export const RESTING = ['comp', 'bass', 'drums'] as const;
/** Who may sit out some bars. */
export type Resting = (typeof RESTING)[number];

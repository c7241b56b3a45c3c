export const BASS_STYLES = ['by the feel', 'walking', 'two-feel', 'bossa', 'roots'] as const;
export type BassStyle = (typeof BASS_STYLES)[number];

export const DRUM_STYLES = ['by the feel', 'ride', 'brushes', 'waltz', 'straight'] as const;
export type DrumStyle = (typeof DRUM_STYLES)[number];

export const RESTING = ['comp', 'bass', 'drums'] as const;
/** Who may sit out some bars. */
export type Resting = (typeof RESTING)[number];

export const ENDINGS = ['as written', 'held', 'tag'] as const;
/** How a tune ends when it does not come round: as it is written; its tonic held; a tag first. */
export type Ending = (typeof ENDINGS)[number];

export const BASS_STYLES = ['by the feel', 'walking', 'two-feel', 'bossa', 'roots'] as const;
export type BassStyle = (typeof BASS_STYLES)[number];

export const DRUM_STYLES = ['by the feel', 'ride', 'brushes', 'waltz', 'straight'] as const;
export type DrumStyle = (typeof DRUM_STYLES)[number];

export const RESTING = ['comp', 'bass', 'drums'] as const;
/** Who may sit out some bars. */
export type Resting = (typeof RESTING)[number];

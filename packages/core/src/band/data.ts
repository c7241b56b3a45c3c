import type { Feel } from '../chart/types';
import type { BassStyle, DrumStyle } from '../comp/styles';

/** Keys of the drum kit. Source: General MIDI 1 percussion map; taps and swirls: the brush kit of GS. */
export const DRUMS = {
  kick: 36,
  stick: 37,
  tap: 38,
  swirl: 40,
  hat: 44,
  ride: 51,
} as const;

/** How loud each voice of the band is struck, as MIDI velocity. Source: our own ears. */
export const TOUCH = {
  bass: 88,
  bassOff: 80,
  rideBeat: 62,
  rideSkip: 46,
  hat: 58,
  kick: 40,
  stick: 54,
  swirl: 50,
  tap: 60,
  clickOne: 100,
  click: 78,
} as const;

/** By loudness 1..5, what every velocity of the band is multiplied with. Source: our own ears. */
export const LOUDNESS = [0.6, 0.8, 1, 1.15, 1.3] as const;

/** The loudness that changes nothing. */
export const MEDIUM = 3;

/** The lowest note of the bass, in MIDI: open E of a double bass; and how high its lines go. */
export const LOWEST_BASS = 28;
export const HIGHEST_BASS = 50;

/** What bass and drums play where nothing else is said. Source: common practice. */
export const BY_FEEL: Readonly<
  Record<
    Feel,
    {
      readonly bass: Exclude<BassStyle, 'by the feel'>;
      readonly drums: Exclude<DrumStyle, 'by the feel'>;
    }
  >
> = {
  swing: { bass: 'walking', drums: 'ride' },
  shuffle: { bass: 'walking', drums: 'ride' },
  ballad: { bass: 'two-feel', drums: 'brushes' },
  waltz: { bass: 'two-feel', drums: 'waltz' },
  latin: { bass: 'bossa', drums: 'straight' },
  straight: { bass: 'two-feel', drums: 'straight' },
};

/**
 * Swing eases toward even as tempo rises. Columns: tempo in quarter notes a minute, and the ratio of
 * the long to the short eighth; between the rows it is straight-line. Source: common practice.
 */
export const SWING_BY_TEMPO: readonly (readonly [tempo: number, ratio: number])[] = [
  [60, 2.2],
  [120, 2],
  [200, 1.5],
  [300, 1],
];

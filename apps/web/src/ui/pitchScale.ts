/** Heights on a page, in pixels from its top, and the pitches drawn there. */
export interface PitchScale {
  readonly height: number;
  readonly y: (midi: number) => number;
  /** The pitch at a height, the nearest. */
  readonly midi: (y: number) => number;
}

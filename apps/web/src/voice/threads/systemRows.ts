/** Symbol row above and grip row below the threads of a system, in pixels. */
export const SYMBOLS = 34;
export const GRIPS = 66;

/**
 * How large a chart can be: each more than any tune has, and together so that the largest chart is read,
 * analysed and drawn in a second or two. What lies beyond a limit is said, and stays in the text.
 */

/** Written bars. */
export const MOST_BARS = 500;
/** Labelled sections. */
export const MOST_SECTIONS = 200;
/** Chords, holds and unreadable words in one bar: more than two for every beat of the longest meter. */
export const MOST_SLOTS = 32;
/** Bars of a chorus as it is played, repeats written out. */
export const MOST_PLAYED_BARS = 1000;
/** Chords of a chorus as it is played, repeats written out. */
export const MOST_CHORDS = 2000;
/** Characters of one chord symbol. */
export const LONGEST_SYMBOL = 40;

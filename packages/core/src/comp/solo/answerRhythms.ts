/** How much an answer says: to a short phrase, to one of a bar or so, to a long one. */
export type AnswerSize = 1 | 2 | 3;

/** The longest phrase that is answered so, in eighths. Source: our own judgement. */
export const LONGEST_PHRASE: Readonly<Record<1 | 2, number>> = { 1: 6, 2: 14 };

/**
 * Rhythms of answers, by how much they say; a sign for each eighth: `x` a stroke, `.` none. How long the last
 * stroke is the phrase before decides. Source: common practice.
 */
export const ANSWER_RHYTHMS: Readonly<Record<AnswerSize, readonly string[]>> = {
  1: ['x', 'xx', 'x.x'],
  2: ['x..x', 'xx.x', 'x.xx', 'x..xx'],
  3: ['x..x..x', 'xx.x..x', 'x.xx..x', 'x..xx..x', 'xx..x..x'],
};

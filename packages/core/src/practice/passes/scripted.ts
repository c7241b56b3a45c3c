import type { PassNote } from './judgePass';

export const SCRIPTED_HANDS = ['clean', 'with slips'] as const;
/** A player who is no one: to try listening out without an instrument, and for tests. */
export type ScriptedHand = (typeof SCRIPTED_HANDS)[number];

/** One note in so many is left out, another a half step off. */
const LEFT_OUT = 7;
const WRONG = 5;
/** How far off the beat each note lies in turn, in ms. */
const SWAY = [4, -6, 9, 0, -3, 7];
const SWAY_WITH_SLIPS = [25, -40, 60, 10, -30, 45];

/**
 * What a scripted player makes of what is asked, always the same.
 * @param tempo in quarter notes a minute
 */
export function scriptedPass(
  asked: readonly PassNote[],
  hand: ScriptedHand,
  tempo: number,
): PassNote[] {
  const slips = hand === 'with slips';
  const sway = slips ? SWAY_WITH_SLIPS : SWAY;
  const played = asked.flatMap(({ at, midi }, position) => {
    if (slips && position % LEFT_OUT === LEFT_OUT - 1) return [];
    const off = (sway[position % sway.length]! * tempo) / 60_000;
    const wrong = slips && position % WRONG === WRONG - 1;
    return [{ at: Math.max(0, at + off), midi: wrong ? midi + 1 : midi }];
  });
  return played.sort((a, b) => a.at - b.at);
}

import type { Ease, Hand, Keyboard } from '../types';

const MOST_NOTES_A_HAND = 5;
/** Below the reach by this much, a span is comfortable. Source: common practice. */
const EASY_BELOW_REACH = 2;
/** Up to an octave one hand takes the whole voicing. */
const ONE_HAND_SPAN = 12;
/** Alone, a hand that plays below this pitch is the left. */
const LEFT_BELOW = 55;

export interface HandSplit {
  /** The hand of each pitch, bottom to top. */
  readonly hands: readonly Hand[];
  /** The wider of the two hands' spans, in semitones. */
  readonly span: number;
  readonly ease: Ease;
}

const spanOf = (pitches: readonly number[]): number =>
  pitches.length ? Math.max(...pitches) - Math.min(...pitches) : 0;

/**
 * Which hand plays what: one hand where it reaches easily, else the split that keeps the wider hand
 * narrowest. Pitches rise; hands never cross or share a key.
 */
export function splitHands(keyboard: Keyboard, pitches: readonly number[]): HandSplit {
  const whole = spanOf(pitches);
  const oneHand = keyboard.hands === 'one' || whole <= Math.min(ONE_HAND_SPAN, keyboard.reach);
  const splits = oneHand ? [soloSplit(pitches)] : pitches.map((_, index) => index).slice(1);
  const [best] = splits
    .map((lower) => rate(keyboard, pitches, lower))
    .sort((a, b) => a.span - b.span);
  return best ?? rate(keyboard, pitches, 0);
}

/** How many of the lowest pitches go to the left when one hand plays: all or none. */
const soloSplit = (pitches: readonly number[]): number =>
  (pitches[0] ?? 0) < LEFT_BELOW ? pitches.length : 0;

function rate(keyboard: Keyboard, pitches: readonly number[], lower: number): HandSplit {
  const span = Math.max(spanOf(pitches.slice(0, lower)), spanOf(pitches.slice(lower)));
  const most = Math.max(lower, pitches.length - lower);
  const reaches = span <= keyboard.reach && most <= MOST_NOTES_A_HAND;
  const easy = span <= Math.max(ONE_HAND_SPAN, keyboard.reach - EASY_BELOW_REACH);
  return {
    hands: pitches.map((_, index) => (index < lower ? 'left' : 'right')),
    span,
    ease: !reaches ? 'out of reach' : easy ? 'easy' : 'stretch',
  };
}

import type { Ease, Hand, Keyboard } from '../base/types';

export const MOST_NOTES_A_HAND = 5;
/** Below the reach by this much, a span is comfortable. Source: common practice. */
const EASY_BELOW_REACH = 2;
/** Up to an octave one hand takes the whole voicing. */
const ONE_HAND_SPAN = 12;
/** Alone, a hand that plays below this pitch is the left. */
const LEFT_BELOW = 55;

export interface HandSplit {
  /** The hand of each pitch, bottom to top. */
  readonly hands: readonly Hand[];
  /** What each hand spans, in semitones. */
  readonly spans: Readonly<Record<Hand, number>>;
  readonly ease: Ease;
}

const spanOf = (pitches: readonly number[]): number =>
  pitches.length ? pitches.at(-1)! - pitches[0]! : 0;

/**
 * Which hand plays what: one hand where it reaches easily, else the split that leaves each hand most of
 * its reach. Pitches rise; hands never cross or share a key.
 * @param left so many of the lowest pitches are the left hand's
 */
export function splitHands(
  keyboard: Keyboard,
  pitches: readonly number[],
  left?: number,
): HandSplit {
  if (left !== undefined && keyboard.hands === 'two') return rate(keyboard, pitches, left);
  const whole = spanOf(pitches);
  const side = (pitches[0] ?? 0) < LEFT_BELOW ? 'left' : 'right';
  const alone = side === 'left' ? pitches.length : 0;
  const easily = whole <= Math.min(ONE_HAND_SPAN, keyboard.reach[side]);
  const fits = easily && pitches.length <= MOST_NOTES_A_HAND;
  if (keyboard.hands === 'one' || fits) return rate(keyboard, pitches, alone);
  let best = rate(keyboard, pitches, 1);
  for (let lower = 2; lower < pitches.length; lower += 1) {
    const split = rate(keyboard, pitches, lower);
    if (strain(keyboard, split) < strain(keyboard, best)) best = split;
  }
  return best;
}

/** How near the fuller hand is to its reach; hands past five notes are past it. */
function strain(keyboard: Keyboard, { hands, spans }: HandSplit): number {
  const of = (hand: Hand): number => {
    const tooMany = hands.filter((h) => h === hand).length > MOST_NOTES_A_HAND;
    return spans[hand] / keyboard.reach[hand] + (tooMany ? hands.length : 0);
  };
  return Math.max(of('left'), of('right'));
}

/** The split that gives the lowest `lower` pitches to the left hand. */
function rate(keyboard: Keyboard, pitches: readonly number[], lower: number): HandSplit {
  const spans = { left: spanOf(pitches.slice(0, lower)), right: spanOf(pitches.slice(lower)) };
  const most = Math.max(lower, pitches.length - lower);
  const within = (hand: Hand): boolean => spans[hand] <= keyboard.reach[hand];
  const comfortable = (hand: Hand): boolean =>
    spans[hand] <= Math.max(ONE_HAND_SPAN, keyboard.reach[hand] - EASY_BELOW_REACH);
  const reaches = within('left') && within('right') && most <= MOST_NOTES_A_HAND;
  const easy = comfortable('left') && comfortable('right');
  return {
    hands: pitches.map((_, index) => (index < lower ? 'left' : 'right')),
    spans,
    ease: !reaches ? 'out of reach' : easy ? 'easy' : 'stretch',
  };
}

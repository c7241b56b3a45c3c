import { semitonesOf, type Degree } from '../../chord/degrees';
import { midi } from '../../base/units';
import { choose } from '../../base/choose';
import type { ToneChoice } from '../families/family';
import { holdsEnough } from '../families/holdsEnough';
import type { Occasion, Placing, Player } from '../instruments/player';
import type { PlayerSettings } from '../instruments/playing';
import { stackUp } from '../base/stacks';
import type { DegreeStack, Keyboard, Voicing } from '../base/types';
import { splitHands } from './hands';

/** Voicings on keys: a stack at every octave, each with the hands that take it best. */
export function keysPlayer(keyboard: Keyboard, settings: PlayerSettings): Player {
  const { room, includeOutOfReach } = settings;
  const low = Math.max(room.window.low, keyboard.lowest);
  const high = Math.min(room.window.high, keyboard.highest);

  const place = (stack: DegreeStack, root: number, at: Occasion): Voicing | undefined => {
    const pitches = stack.tones.map(({ height }) => root + height);
    const { hands, ease } = splitHands(keyboard, pitches, stack.left);
    if (ease === 'out of reach' && !includeOutOfReach) return undefined;
    const notes = stack.tones.map(({ degree }, voice) => ({
      midi: midi(pitches[voice]!),
      note: at.nameOf(degree),
      degree,
      hand: hands[voice]!,
    }));
    const { inversion, without } = stack;
    return {
      family: at.family,
      ...(inversion === undefined ? {} : { inversion }),
      ...(without ? { without } : {}),
      notes,
      ease,
    };
  };

  const stacks =
    (list: readonly DegreeStack[]): Placing =>
    (at) =>
      list.flatMap((stack) => {
        const bottom = stack.tones[0]?.height ?? 0;
        const top = stack.tones.at(-1)?.height ?? 0;
        const found: Voicing[] = [];
        let root = at.root;
        while (root + bottom > low) root -= 12;
        while (root + bottom < low) root += 12;
        for (; root + top <= high; root += 12) {
          const voicing = place(stack, root, at);
          if (voicing) found.push(voicing);
        }
        return found;
      });

  return { stacks, choice: (drawn) => stacks(everyOrder(drawn)) };
}

/** What a choice draws, in every order, each tone the nearest above the one before. */
function everyOrder(drawn: ToneChoice): DegreeStack[] {
  const { degrees, lowest, fewest, most, without } = drawn;
  const stacks: DegreeStack[] = [];
  for (let size = fewest; size <= most; size += 1) {
    for (const set of choose(degrees, size).filter((each) => holdsEnough(drawn, each))) {
      for (const order of orders(set)) {
        if (lowest && !lowest.includes(order[0]!)) continue;
        stacks.push(without ? { ...stackUp(order), without } : stackUp(order));
      }
    }
  }
  return stacks;
}

/** All orders of a set, those that start low first. */
function orders(set: readonly Degree[]): Degree[][] {
  if (set.length < 2) return [[...set]];
  const rising = [...set].sort((a, b) => semitonesOf(a) - semitonesOf(b));
  return rising.flatMap((first) =>
    orders(rising.filter((degree) => degree !== first)).map((rest) => [first, ...rest]),
  );
}

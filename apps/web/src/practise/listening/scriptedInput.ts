import {
  askedOf,
  scriptedPass,
  transposedPlan,
  type Part,
  type PassNote,
  type ScriptedHand,
} from '@drop-close/core';
import type { NoteInput } from '../../midi/inputs';
import { semitonesAt } from '../../playback/passes';
import { elapsedNow, planNow } from '../../playback/player';
import { usePlayer } from '../../playback/usePlayer';

const NOTE_ON = 0x90;
const NOTE_OFF = 0x80;
const VELOCITY = 80;
const TICK_MS = 8;
const HOLD_MS = 220;

/** A player who is no one: plays what is asked along with the band, with slips if asked for. */
export const scriptedInput = (hand: ScriptedHand, part: Part): NoteInput => ({
  id: hand,
  name: `A stand-in, ${hand}`,
  listen: (onMessage) => {
    let round = -1;
    let left: PassNote[] = [];
    const take = (now: number, length: number): void => {
      const current = Math.max(0, Math.floor(now / length));
      if (current === round) return;
      const { passes, pass } = usePlayer.getState();
      const asked = askedOf(transposedPlan(planNow()!, semitonesAt(passes, current)), part);
      left = scriptedPass(asked, hand, pass.tempo).map((note) => ({
        ...note,
        at: note.at + current * length,
      }));
      round = current;
    };
    const timer = setInterval(() => {
      const [elapsed, plan] = [elapsedNow(), planNow()];
      if (elapsed === undefined || !plan || usePlayer.getState().playing !== 'layer') {
        round = -1;
        return;
      }
      const now = elapsed - usePlayer.getState().from;
      take(now, plan.length);
      while (left[0] && left[0].at <= now) {
        const { midi } = left.shift()!;
        onMessage([NOTE_ON, midi, VELOCITY]);
        setTimeout(onMessage, HOLD_MS, [NOTE_OFF, midi, 0]);
      }
    }, TICK_MS);
    return () => {
      clearInterval(timer);
    };
  },
});

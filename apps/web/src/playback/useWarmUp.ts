import { useEffect } from 'react';
import { warmUp } from './player';

const GESTURES = ['pointerdown', 'keydown'] as const;

/** The band gets ready with the first thing the player does on a page that sounds. */
export function useWarmUp(): void {
  useEffect(() => {
    const ready = (): void => {
      leave();
      warmUp();
    };
    const leave = (): void => {
      for (const gesture of GESTURES) globalThis.removeEventListener(gesture, ready, true);
    };
    for (const gesture of GESTURES) globalThis.addEventListener(gesture, ready, true);
    return leave;
  }, []);
}

import { useEffect } from 'react';
import { session, useSession } from './sessionStore';

const TICK = 1000;
/** A machine that slept was not practised on, in ms. */
const LONGEST_TICK = 5000;

/** Lets time go by in the session; of several tabs, in one of them. */
export function useClock(): void {
  const isOn = useSession((state) => !!state.session);
  useEffect(() => {
    if (!isOn) return undefined;
    let timer: ReturnType<typeof setInterval> | undefined;
    let release: () => void = () => undefined;
    let isOver = false;
    const begin = (): Promise<void> =>
      new Promise((resolve) => {
        release = resolve;
        if (isOver) {
          resolve();
          return;
        }
        let before = Date.now();
        timer = setInterval(() => {
          const now = Date.now();
          if (now - before < LONGEST_TICK) session.tick((now - before) / TICK);
          before = now;
        }, TICK);
      });
    const { locks } = navigator as Partial<Navigator>;
    if (locks) void locks.request('drop-close session clock', begin);
    else void begin();
    return () => {
      isOver = true;
      clearInterval(timer);
      release();
    };
  }, [isOn]);
}

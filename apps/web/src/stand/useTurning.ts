import { useEffect, useRef } from 'react';

/** Keys that turn, forward and back: a foot pedal sends the page keys or the arrows up and down. */
const TURNS: Readonly<Record<string, number>> = {
  PageDown: 1,
  PageUp: -1,
  ArrowDown: 1,
  ArrowUp: -1,
};

/** The same, as the sheet of keys lists them. */
export const TURNING_KEYS = [
  { shown: '↓ or Page Down', label: 'The next phrase or page' },
  { shown: '↑ or Page Up', label: 'The phrase or page before' },
] as const;

/** Turns by key or foot pedal. */
export function useTurning(turn: (by: number) => void): void {
  const latest = useRef(turn);
  useEffect(() => {
    latest.current = turn;
  });
  useEffect(() => {
    const key = (event: KeyboardEvent): void => {
      const by = TURNS[event.key];
      if (by === undefined || (event.target as HTMLElement).closest('input, .ant-select')) return;
      event.preventDefault();
      latest.current(by);
    };
    globalThis.addEventListener('keydown', key);
    return () => {
      globalThis.removeEventListener('keydown', key);
    };
  }, []);
}

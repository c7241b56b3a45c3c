import { useEffect, useRef, type RefObject } from 'react';

/** Brings what has just been opened into sight. */
export function useShown<T extends HTMLElement>(): RefObject<T | null> {
  const shown = useRef<T>(null);
  useEffect(() => {
    shown.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return shown;
}

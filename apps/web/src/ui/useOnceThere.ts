import { useCallback, useEffect, useRef } from 'react';

/** What is not there yet, for a press that waits for it. @returns asks for it; always the same function */
export function useOnceThere<T>(value: T | undefined): () => Promise<T> {
  const latest = useRef(value);
  const waiting = useRef<((value: T) => void)[]>([]);
  useEffect(() => {
    latest.current = value;
    if (value === undefined) return;
    for (const resolve of waiting.current.splice(0)) resolve(value);
  }, [value]);
  return useCallback(
    () =>
      new Promise<T>((resolve) => {
        if (latest.current === undefined) waiting.current.push(resolve);
        else resolve(latest.current);
      }),
    [],
  );
}

import { useSyncExternalStore } from 'react';

const QUERY = '(prefers-reduced-motion: reduce)';

function subscribe(onChange: () => void): () => void {
  const query = matchMedia(QUERY);
  query.addEventListener('change', onChange);
  return () => {
    query.removeEventListener('change', onChange);
  };
}

/** Whether the person before the screen wants less motion. */
export const useReducedMotion = (): boolean =>
  useSyncExternalStore(subscribe, () => matchMedia(QUERY).matches);

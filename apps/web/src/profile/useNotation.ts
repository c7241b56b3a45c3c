import { useMemo } from 'react';
import { notationOf, type Notation } from '../ui/notation';
import { useProfile } from './profileStore';

/** Notes and symbols as this player likes them written. */
export function useNotation(): Notation {
  const { writing } = useProfile();
  return useMemo(() => notationOf(writing), [writing]);
}

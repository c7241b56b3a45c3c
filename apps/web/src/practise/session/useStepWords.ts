import type { SessionStep } from '@drop-close/core';
import { useMemo } from 'react';
import { useTunes } from '../../tunes/useTunes';
import { useItemWords } from '../items/usePractice';
import { itemOfStep } from './steps';

/** Names steps for the player. */
export function useStepWords(): (step: SessionStep) => string {
  const words = useItemWords();
  const { data } = useTunes();
  return useMemo(() => {
    const titles = new Map(data?.map(({ id, title }) => [id, title]));
    return (step) => {
      if (step.kind === 'rest') return 'a rest';
      if (step.tuneId !== undefined) {
        return `${titles.get(step.tuneId) ?? 'a tune'} from beginning to end`;
      }
      const item = itemOfStep(step);
      return item ? words(item) : 'something this version does not know';
    };
  }, [data, words]);
}

import type { Learned } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { engine } from '../../engine/client';
import { useProfile } from '../../profile/profileStore';

/** What the player's choices tell; `undefined` while they are few or not yet gone through. */
export function useLearned(): Learned | undefined {
  const { taste } = useProfile();
  const [learned, setLearned] = useState<Learned>();
  useEffect(() => {
    let wanted = true;
    void engine.learnTaste(taste).then((answer) => {
      if (wanted) setLearned(answer);
    });
    return () => {
      wanted = false;
    };
  }, [taste]);
  return learned;
}

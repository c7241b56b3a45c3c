import type { Arrangement } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import type { VoicedChorus } from '../../engine/protocol';
import { useInstruments } from '../../profile/useInstruments';

/** Both choruses, voiced; `undefined` until they are. */
export function useCompared(
  left: Arrangement,
  right: Arrangement,
): readonly VoicedChorus[] | undefined {
  const { text, places, meter, key } = useTune();
  const instruments = useInstruments();
  const [answer, setAnswer] = useState<{ of: string; compared: readonly VoicedChorus[] }>();
  const of = JSON.stringify([text, places, meter, key, instruments, left, right]);
  useEffect(() => {
    const requests = [left, right].map((setup) => ({
      ...{ text, places, meter, key, setup },
      instruments,
    }));
    void engine.compare(requests).then((compared) => {
      setAnswer({ of, compared });
    });
    // The text of the question stands for all its parts.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of]);
  return answer?.of === of ? answer.compared : undefined;
}

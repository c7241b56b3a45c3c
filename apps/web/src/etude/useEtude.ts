import type { EtudeRequest } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { engine } from '../engine/client';
import { Overtaken } from '../engine/newest';
import type { MadeEtude } from '../engine/protocol';
import { useInstruments } from '../profile/useInstruments';

/** The étude that is asked for; `undefined` while it is being made. */
export function useEtude(request: EtudeRequest): MadeEtude | undefined {
  const instruments = useInstruments();
  const [answer, setAnswer] = useState<{ of: EtudeRequest; made: MadeEtude }>();
  useEffect(() => {
    engine.etude([request, instruments]).then(
      (made) => {
        setAnswer({ of: request, made });
      },
      (error: unknown) => {
        if (error instanceof Overtaken) return;
        setAnswer({ of: request, made: { problem: String(error) } });
      },
    );
  }, [request, instruments]);
  return answer?.of === request ? answer.made : undefined;
}

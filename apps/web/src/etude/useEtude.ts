import type { EtudeRequest } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { engine } from '../engine/client';
import { Overtaken } from '../engine/newest';
import type { MadeEtude } from '../engine/protocol';
import { useProfile } from '../profile/profileStore';

/** The étude that is asked for; `undefined` while it is being made. */
export function useEtude(request: EtudeRequest): MadeEtude | undefined {
  const { guitar, keyboard } = useProfile();
  const [answer, setAnswer] = useState<{ of: EtudeRequest; made: MadeEtude }>();
  useEffect(() => {
    engine.etude([request, { guitar, keyboard }]).then(
      (made) => {
        setAnswer({ of: request, made });
      },
      (error: unknown) => {
        if (error instanceof Overtaken) return;
        setAnswer({ of: request, made: { problem: String(error) } });
      },
    );
  }, [request, guitar, keyboard]);
  return answer?.of === request ? answer.made : undefined;
}

import { judge, type Answer, type Answered, type DrillId, type Measured } from '@drop-close/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { AskedQuestion } from '../../engine/protocol';

/** The so manieth question of a drill, from 0; the same seed asks the same. */
export type Ask = (
  drill: DrillId,
  seed: number,
  count: number,
) => Promise<AskedQuestion | undefined>;

/** How an answer was. */
export interface Verdict extends Measured {
  readonly answer: Answer;
  readonly seconds: number;
}

export interface Drilling {
  /** `undefined` while it is being made; `none` where there is no question of this kind. */
  readonly asked: AskedQuestion | 'none' | undefined;
  readonly verdict: Verdict | undefined;
  readonly answers: readonly Answered[];
  readonly answer: (answer: Answer) => void;
  readonly next: () => void;
}

const newSeed = (): number => Math.floor(Math.random() * 2 ** 31);

/** The questions of a drill, one after the other. */
export function useDrill(ask: Ask, drill: DrillId): Drilling {
  const [seed] = useState(newSeed);
  const [count, setCount] = useState(0);
  const [asked, setAsked] = useState<AskedQuestion | 'none'>();
  const [verdict, setVerdict] = useState<Verdict>();
  const [answers, setAnswers] = useState<readonly Answered[]>([]);
  const since = useRef(0);
  useEffect(() => {
    let isGone = false;
    void ask(drill, seed, count).then((found) => {
      if (isGone) return;
      setAsked(found ?? 'none');
      setVerdict(undefined);
      since.current = Date.now();
    });
    return () => {
      isGone = true;
    };
  }, [ask, drill, seed, count]);
  const answer = useCallback(
    (given: Answer) => {
      if (!asked || asked === 'none' || verdict) return;
      const seconds = (Date.now() - since.current) / 1000;
      const measured = judge(asked.question, given);
      setVerdict({ ...measured, answer: given, seconds });
      setAnswers((before) => [...before, { ...measured, seconds }]);
    },
    [asked, verdict],
  );
  const next = useCallback(() => {
    setAsked(undefined);
    setCount((before) => before + 1);
  }, []);
  return { asked, verdict, answers, answer, next };
}

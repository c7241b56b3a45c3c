import { judge, type Answer, type Answered, type DrillId, type Measured } from '@drop-close/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { engine } from '../../engine/client';
import type { AskedQuestion, VoicedChorus } from '../../engine/protocol';
import { useAnalysis } from '../../engine/useChorus';
import { useHeading } from '../../place/heading';

/** How an answer was. */
export interface Verdict extends Measured {
  readonly answer: Answer;
  readonly seconds: number;
}

export interface Drilling {
  /** `undefined` while it is being made; `none` where the tune has no question of this kind. */
  readonly asked: AskedQuestion | 'none' | undefined;
  readonly verdict: Verdict | undefined;
  readonly answers: readonly Answered[];
  readonly answer: (answer: Answer) => void;
  readonly next: () => void;
}

const newSeed = (): number => Math.floor(Math.random() * 2 ** 31);

/** The questions of a drill made from a tune, one after the other. */
export function useDrill(chorus: VoicedChorus, drill: DrillId): Drilling {
  const analysis = useAnalysis();
  const { key } = useHeading();
  const [seed] = useState(newSeed);
  const [count, setCount] = useState(0);
  const [asked, setAsked] = useState<AskedQuestion | 'none'>();
  const [verdict, setVerdict] = useState<Verdict>();
  const [answers, setAnswers] = useState<readonly Answered[]>([]);
  const since = useRef(0);
  const { id, timeline } = chorus;
  useEffect(() => {
    const numeralAt = new Map(
      analysis?.chords.map(({ bar, beat, numeral }) => [`${bar} ${beat}`, numeral]),
    );
    const numerals = timeline.events.map(({ bar, beat }) => numeralAt.get(`${bar} ${beat}`) ?? '');
    const tonic = key.replace(/m$/, '');
    let isGone = false;
    void engine.question(id, { drill, seed, numerals, tonic }, count).then((found) => {
      if (isGone) return;
      setAsked(found ?? 'none');
      setVerdict(undefined);
      since.current = Date.now();
    });
    return () => {
      isGone = true;
    };
  }, [id, timeline, analysis, key, drill, seed, count]);
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

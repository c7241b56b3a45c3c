import type { Grade, PracticeItem, SessionStep } from '@drop-close/core';
import { setMeasured, useMeasuredGrade } from '../items/measured';
import { tempoPlayed } from '../items/tempoPlayed';
import { useNoting } from '../items/useNoting';
import { session as actions } from './sessionStore';
import { itemOfStep } from './steps';
import { useStepWords } from './useStepWords';

interface StepEnd {
  /** What the step practises, where it is an item. */
  readonly item: PracticeItem | undefined;
  /** What its last pass was measured as, where it was. */
  readonly measured: Grade | undefined;
  /** It is over: noted and logged as far as there is something to note. */
  readonly finish: (grade?: Grade) => void;
}

/** How a step of a session ends. */
export function useStepEnd(step: SessionStep): StepEnd {
  const noting = useNoting();
  const words = useStepWords();
  const item = itemOfStep(step);
  const measured = useMeasuredGrade(item);
  const finish = (grade?: Grade): void => {
    if (item && grade) {
      const tempo = tempoPlayed(item);
      setMeasured(item, undefined);
      void noting.practised({
        ...{ item, grade, seconds: step.seconds },
        ...(tempo !== undefined && { tempo }),
      });
    } else if (step.kind === 'tune') void noting.logged(words(step), step.seconds);
    actions.finish('done', grade);
  };
  return { item, measured, finish };
}

import {
  ENOUGH_ANSWERS,
  gradeOf,
  type Answered,
  type Measured,
  type PracticeItem,
} from '@drop-close/core';
import { Button } from 'antd';
import { useState } from 'react';
import { GRADE_WORDS } from '../base/grades';
import { useNoting } from '../items/useNoting';

interface ScoreProps {
  /** What the answers are a review of, and how it is called: "the shells". */
  readonly item: PracticeItem;
  readonly about: string;
  readonly answers: readonly Answered[];
  /** What some answers say together; nothing of too few. */
  readonly measure: (answers: readonly Answered[]) => Measured | undefined;
}

/** How it goes, and the end of the drill: enough answers are a review of what they are about. */
export function Score({ item, about, answers, measure }: ScoreProps) {
  const noting = useNoting();
  const [noted, setNoted] = useState<{ at: number; words: string }>({ at: 0, words: '' });
  const own = answers.slice(noted.at);
  const measured = measure(own);
  const right = own.reduce((sum, each) => sum + each.right, 0);
  const note = (): void => {
    if (!measured) return;
    const grade = gradeOf(measured);
    const seconds = own.reduce((sum, each) => sum + each.seconds, 0);
    void noting.practised({ item, grade, seconds });
    setNoted({
      at: answers.length,
      words: `Noted for ${about}: ${GRADE_WORDS[grade].toLowerCase()}.`,
    });
  };
  return (
    <p className="drill-score">
      <span className="quiet" role="status">
        {own.length > 0
          ? `${Number(right.toFixed(1))} of ${own.length} right`
          : noted.words || `${ENOUGH_ANSWERS} answers count as practice of ${about}.`}
      </span>
      {measured && <Button onClick={note}>End here and note it</Button>}
    </p>
  );
}

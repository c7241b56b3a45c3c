import { SoundOutlined } from '@ant-design/icons';
import {
  measureOf,
  type BandPlan,
  type DrillId,
  type PracticeItem,
  type Question,
} from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';
import { chordPlan, inARow } from '../../playback/snippets';
import { readable } from './readable';
import { AnswerField } from './AnswerField';
import { Score } from './Score';
import { useDrill, type Ask, type Verdict } from './useDrill';

/** Questions by ear are heard at once. */
const BY_EAR: readonly DrillId[] = ['which voice moved', 'what is on top'];

interface DrillRunProps {
  readonly drill: DrillId;
  readonly ask: Ask;
  /** What enough answers are a review of, and how it is called. */
  readonly item: PracticeItem;
  readonly about: string;
  readonly onHear: (plan: BandPlan) => void;
}

/** One question that fills the screen, its answer, why, and the next. */
export function DrillRun({ drill, ask, item, about, onHear }: DrillRunProps) {
  const { asked, verdict, answers, answer, next } = useDrill(ask, drill);
  const question = asked && asked !== 'none' ? asked.question : undefined;
  const hear = (): void => {
    if (question?.heard.length) onHear(inARow(question.heard.map(chordPlan)));
  };
  const latest = useRef({ hear, next, verdict });
  useEffect(() => {
    latest.current = { hear, next, verdict };
  });
  const key = question?.key;
  useEffect(() => {
    if (key !== undefined && BY_EAR.includes(drill)) latest.current.hear();
  }, [key, drill]);
  useEffect(
    () =>
      tinykeys(window, {
        Enter: (event) => {
          if (!latest.current.verdict || (event.target as HTMLElement).closest('button')) return;
          event.preventDefault();
          latest.current.next();
        },
        'Shift+Enter': () => {
          latest.current.hear();
        },
      }),
    [],
  );
  if (asked === 'none') {
    return <p className="quiet">There is no question of this kind here.</p>;
  }
  if (!question || !asked) return <p className="quiet">Asking…</p>;
  return (
    <section className="drill-question" aria-label="Question">
      <h2 className="drill-words">{readable(question.words)}</h2>
      {question.heard.length > 0 && (
        <Button icon={<SoundOutlined aria-hidden />} title="Shift Enter" onClick={hear}>
          Hear it{BY_EAR.includes(drill) && ' again'}
        </Button>
      )}
      <AnswerField
        key={`${answers.length} ${question.key}`}
        asked={asked}
        verdict={verdict}
        onAnswer={answer}
      />
      <div role="status" className="drill-verdict">
        {verdict && <Told question={question} verdict={verdict} />}
      </div>
      {verdict && (
        <Button type="primary" size="large" autoFocus title="Enter" onClick={next}>
          Next question
        </Button>
      )}
      <Score item={item} about={about} answers={answers} measure={(own) => measureOf(drill, own)} />
    </section>
  );
}

function Told({ question, verdict }: { question: Question; verdict: Verdict }) {
  const { right, seconds, detour } = verdict;
  const so = right === 1 ? 'Right' : right > 0 ? `${Math.round(right * 100)}% right` : 'Not so';
  const least = question.drill === 'nearest next grip' ? question.least : undefined;
  const played =
    least !== undefined && detour !== undefined && Math.round(detour * (least + 1) - 1);
  return (
    <p>
      <b>{so}</b>, in {seconds.toFixed(1)} s
      {played !== false && `, ${played} half steps where ${least} are the least`}.{' '}
      {readable(question.because)}
    </p>
  );
}

import { SoundOutlined } from '@ant-design/icons';
import {
  DRILL_LAYERS,
  ENOUGH_ANSWERS,
  gradeOf,
  measureOf,
  type DrillId,
  type Question,
} from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useParams } from 'react-router';
import { tinykeys } from 'tinykeys';
import type { VoicedChorus } from '../../engine/protocol';
import { chordPlan, inARow } from '../../playback/snippets';
import { useBand } from '../../playback/useBand';
import { readable } from './readable';
import { GRADE_WORDS } from '../base/grades';
import { useNoting } from '../items/useNoting';
import { AnswerField } from './AnswerField';
import { useDrill, type Verdict } from './useDrill';

/** Questions by ear are heard at once. */
const BY_EAR: readonly DrillId[] = ['which voice moved', 'what is on top'];

/** One question that fills the screen, its answer, why, and the next. */
export function DrillRun({ chorus, drill }: { chorus: VoicedChorus; drill: DrillId }) {
  const { asked, verdict, answers, answer, next } = useDrill(chorus, drill);
  const band = useBand();
  const question = asked && asked !== 'none' ? asked.question : undefined;
  const hear = (): void => {
    if (question?.heard.length) band.hearPlan(inARow(question.heard.map(chordPlan)));
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
    return <p className="quiet">This tune, as it is voiced, has no question of this kind.</p>;
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
      <Score drill={drill} answers={answers} />
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

interface ScoreProps {
  readonly drill: DrillId;
  readonly answers: ReturnType<typeof useDrill>['answers'];
}

/** How it goes, and the end of the drill: enough answers are a review of the layer they are about. */
function Score({ drill, answers }: ScoreProps) {
  const { id: tuneId = '' } = useParams();
  const noting = useNoting();
  const [noted, setNoted] = useState<{ at: number; words: string }>({ at: 0, words: '' });
  const own = answers.slice(noted.at);
  const measured = measureOf(drill, own);
  const right = own.reduce((sum, each) => sum + each.right, 0);
  const layer = DRILL_LAYERS[drill];
  const note = (): void => {
    if (!measured) return;
    const grade = gradeOf(measured);
    const seconds = own.reduce((sum, each) => sum + each.seconds, 0);
    void noting.practised({ item: { kind: 'layer', layer, tuneId }, grade, seconds });
    setNoted({
      at: answers.length,
      words: `Noted for the ${layer}: ${GRADE_WORDS[grade].toLowerCase()}.`,
    });
  };
  return (
    <p className="drill-score">
      <span className="quiet" role="status">
        {own.length > 0
          ? `${Number(right.toFixed(1))} of ${own.length} right`
          : noted.words || `${ENOUGH_ANSWERS} answers count as practice of the ${layer}.`}
      </span>
      {measured && <Button onClick={note}>End here and note it</Button>}
    </p>
  );
}

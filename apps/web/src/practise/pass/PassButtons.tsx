import {
  GRADES,
  gradeOf,
  isClean,
  itemKey,
  nextTempo,
  passInWords,
  passMeasured,
  stepNow,
  type Grade,
  type Part,
  type PassJudgement,
  type PracticeItem,
} from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { tinykeys } from 'tinykeys';
import { isTaken } from '../../ui/isTaken';
import { GradeButtons } from '../base/GradeButtons';
import { GRADE_WORDS } from '../base/grades';
import { setMeasured, useMeasuredGrade } from '../items/measured';
import { useNoting } from '../items/useNoting';
import { EarTool } from '../listening/EarTool';
import { useListening } from '../listening/useListening';
import { useSession } from '../session/sessionStore';

interface PassButtonsProps {
  readonly item: PracticeItem;
  /** What of the band the player plays along; nothing where nothing is played. */
  readonly part?: Part;
  /** In quarter notes a minute: now, and what it is to be. */
  readonly tempo: number;
  readonly goal: number;
  readonly onTempo: (tempo: number) => void;
  /** Where nothing else has the space bar. */
  readonly onSpace?: () => void;
  /** A time round was judged. */
  readonly onJudged?: (judged: PassJudgement) => void;
}

/** Nobody practises one thing longer without a rest, in seconds. */
const LONGEST = 3600;

/**
 * After a pass: clean or not, heard or said, which moves the tempo; at the end: how it went, measured or said, which says
 * when it comes back.
 */
export function PassButtons(props: PassButtonsProps) {
  const { item, part, tempo, goal, onTempo, onSpace, onJudged } = props;
  const key = itemKey(item);
  const noting = useNoting();
  const since = useRef(0);
  const [said, setSaid] = useState<{ readonly of: string; readonly words: string }>();
  const inSession = useSession(({ session }) => !!session && stepNow(session)?.item === key);
  const measured = useMeasuredGrade(item);
  const say = (words: string): void => {
    setSaid({ of: key, words });
  };
  useEffect(() => {
    since.current = Date.now();
  }, [key]);
  const pass = (clean: boolean, heard?: string): void => {
    const next = nextTempo(tempo, clean, goal);
    onTempo(next);
    const so = next === tempo ? `It stays at ${tempo}: that is the goal.` : `Now at ${next}.`;
    say(heard === undefined ? so : `${heard}. ${so}`);
  };
  useListening(part, (judged) => {
    setMeasured(item, gradeOf(passMeasured(judged)));
    pass(isClean(judged), passInWords(judged));
    onJudged?.(judged);
  });
  const grade = (how: Grade): void => {
    if (inSession) return;
    const seconds = Math.min(LONGEST, (Date.now() - since.current) / 1000);
    since.current = Date.now();
    setMeasured(item, undefined);
    void noting.practised({ item, grade: how, seconds, tempo });
    say(`Noted: ${GRADE_WORDS[how].toLowerCase()}, at ${tempo}.`);
  };
  usePassKeys({ pass, grade, onSpace });
  return (
    <div className="pass-tools">
      <span>
        At <b>{tempo}</b> <span className="quiet">of {goal}</span>
      </span>
      {part && <EarTool part={part} />}
      <span role="group" aria-label="How was this pass?" className="pass-group">
        <Button
          title="Y"
          onClick={() => {
            pass(true);
          }}
        >
          Clean: faster
        </Button>
        <Button
          title="M"
          onClick={() => {
            pass(false);
          }}
        >
          Not clean: slower
        </Button>
      </span>
      {inSession ? (
        <span className="quiet">At the end, say above how it went.</span>
      ) : (
        <span className="pass-group">
          <span className="quiet">
            {measured ? `Measured: ${GRADE_WORDS[measured].toLowerCase()}` : 'How did it go?'}
          </span>
          <GradeButtons keyed {...(measured && { usual: measured })} onGrade={grade} />
        </span>
      )}
      <span role="status" className="pass-said">
        {said?.of === key && said.words}
      </span>
    </div>
  );
}

interface PassKeys {
  readonly pass: (clean: boolean) => void;
  readonly grade: (how: Grade) => void;
  readonly onSpace: (() => void) | undefined;
}

/** Y and M for a pass, 1 to 4 for how it went. */
function usePassKeys(keys: PassKeys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const on = (work: (now: PassKeys) => void) => (event: KeyboardEvent) => {
      if (isTaken(event)) return;
      if (event.key === ' ' && latest.current.onSpace) event.preventDefault();
      work(latest.current);
    };
    const grades = GRADES.map((how, at): [string, (event: KeyboardEvent) => void] => [
      String(at + 1),
      on(({ grade }) => {
        grade(how);
      }),
    ]);
    return tinykeys(window, {
      y: on(({ pass }) => {
        pass(true);
      }),
      m: on(({ pass }) => {
        pass(false);
      }),
      Space: on(({ onSpace }) => onSpace?.()),
      ...Object.fromEntries(grades),
    });
  }, []);
}

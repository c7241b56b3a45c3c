import {
  GRADES,
  itemKey,
  nextTempo,
  stepNow,
  type Grade,
  type PracticeItem,
} from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { tinykeys } from 'tinykeys';
import { isTaken } from '../../ui/isTaken';
import { GradeButtons } from '../base/GradeButtons';
import { GRADE_WORDS } from '../base/grades';
import { useNoting } from '../items/useNoting';
import { useSession } from '../session/sessionStore';

interface PassButtonsProps {
  readonly item: PracticeItem;
  /** In quarter notes a minute: now, and what it is to be. */
  readonly tempo: number;
  readonly goal: number;
  readonly onTempo: (tempo: number) => void;
  /** Where nothing else has the space bar. */
  readonly onSpace?: () => void;
}

/** Nobody practises one thing longer without a rest, in seconds. */
const LONGEST = 3600;

/** After a pass: clean or not, which moves the tempo; at the end: how it went, which says when it comes back. */
export function PassButtons({ item, tempo, goal, onTempo, onSpace }: PassButtonsProps) {
  const key = itemKey(item);
  const noting = useNoting();
  const since = useRef(0);
  const [said, setSaid] = useState<{ readonly of: string; readonly words: string }>();
  const inSession = useSession(({ session }) => !!session && stepNow(session)?.item === key);
  const say = (words: string): void => {
    setSaid({ of: key, words });
  };
  useEffect(() => {
    since.current = Date.now();
  }, [key]);
  const pass = (clean: boolean): void => {
    const next = nextTempo(tempo, clean, goal);
    onTempo(next);
    say(next === tempo ? `It stays at ${tempo}: that is the goal.` : `Now at ${next}.`);
  };
  const grade = (how: Grade): void => {
    if (inSession) return;
    const seconds = Math.min(LONGEST, (Date.now() - since.current) / 1000);
    since.current = Date.now();
    void noting.practised({ item, grade: how, seconds, tempo });
    say(`Noted: ${GRADE_WORDS[how].toLowerCase()}, at ${tempo}.`);
  };
  usePassKeys({ pass, grade, onSpace });
  return (
    <div className="pass-tools">
      <span>
        At <b>{tempo}</b> <span className="quiet">of {goal}</span>
      </span>
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
          <span className="quiet">How did it go?</span>
          <GradeButtons keyed onGrade={grade} />
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

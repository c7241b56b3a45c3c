import { PauseOutlined, CaretRightFilled } from '@ant-design/icons';
import { stepNow, type SessionStep, type SessionView } from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { CareNote } from '../../care/CareNote';
import { GradeButtons } from '../base/GradeButtons';
import { SessionSteps } from './SessionSteps';
import { hearOtherTabs, session as actions, useSession } from './sessionStore';
import { keepSession } from './sessionSync';
import { clock, placeOfStep } from './steps';
import { useClock } from './useClock';
import { useSessionKeys } from './useSessionKeys';
import { useStepEnd } from './useStepEnd';
import { useStepWords } from './useStepWords';
import { capital } from '../base/capital';
import './session.css';

/** The session that goes on, over every screen: what to do now, how long, how it went, what comes next. */
export function SessionBar() {
  const session = useSession((state) => state.session);
  useClock();
  useEffect(keepSession, []);
  useEffect(hearOtherTabs, []);
  const step = session && stepNow(session);
  if (!session || !step) return null;
  return <Running session={session} step={step} />;
}

function Running({ session, step }: { session: SessionView; step: SessionStep }) {
  const words = useStepWords();
  const paused = useSession((state) => state.paused);
  const [steps, setSteps] = useState(false);
  const place = placeOfStep(step);
  useSessionKeys(step);
  const isLate = step.seconds > step.minutes * 60;
  return (
    <section className="session-bar" aria-label="Session">
      <span className="quiet session-count">
        {session.at + 1} of {session.steps.length}
      </span>
      <b className="session-what">
        {step.kind === 'new' && 'New: '}
        {place ? (
          <Link to={place}>{step.kind === 'new' ? words(step) : capital(words(step))}</Link>
        ) : (
          'Rest: put the instrument down'
        )}
      </b>
      <span className={isLate ? 'session-clock session-late' : 'session-clock'} role="timer">
        {clock(step.seconds)} <span className="quiet">of {clock(step.minutes * 60)}</span>
      </span>
      <Button
        type="text"
        icon={paused ? <CaretRightFilled aria-hidden /> : <PauseOutlined aria-hidden />}
        aria-label={paused ? 'Continue' : 'Pause'}
        title="Shift P"
        onClick={() => {
          actions.pause(!paused);
        }}
      />
      <StepEnd step={step} />
      <Button
        type="text"
        title="Shift S"
        onClick={() => {
          actions.finish('passed over');
        }}
      >
        Skip
      </Button>
      <Button
        type="text"
        onClick={() => {
          setSteps(true);
        }}
      >
        All steps
      </Button>
      {step.kind === 'rest' && <CareNote about="hands" />}
      <SessionSteps
        open={steps}
        onClose={() => {
          setSteps(false);
        }}
      />
    </section>
  );
}

/** How the step went, where that is asked; else that it is done. */
function StepEnd({ step }: { step: SessionStep }) {
  const { item, measured, finish } = useStepEnd(step);
  if (!item) {
    return (
      <Button
        type="primary"
        title="Shift N"
        onClick={() => {
          finish();
        }}
      >
        {step.kind === 'rest' ? 'Rested' : 'Done'}
      </Button>
    );
  }
  return <GradeButtons usual={measured ?? 'good'} onGrade={finish} />;
}

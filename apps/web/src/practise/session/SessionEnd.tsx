import { tellSession } from '@drop-close/core';
import { Button } from 'antd';
import { session as actions, useSession } from './sessionStore';
import { useStepWords } from './useStepWords';

/** What went, in two lines, once a session has ended. */
export function SessionEnd() {
  const ended = useSession((state) => state.ended);
  const words = useStepWords();
  if (!ended) return null;
  const [went, left] = tellSession(ended, words);
  return (
    <section className="session-end" role="status" aria-label="What was done">
      <p>
        <b>{went}</b>
      </p>
      <p>{left}</p>
      <p>
        <Button type="primary" onClick={actions.close}>
          Done for today
        </Button>{' '}
        <Button onClick={actions.goOn}>Continue after all</Button>
      </p>
    </section>
  );
}

import { Button } from 'antd';
import { engine } from '../engine/client';
import { useChorus, useChorusStore } from '../engine/useChorus';
import { Term } from '../ui/terms/Term';

/** What the engine is at; long work can be stopped. */
export function VoicingState() {
  const outcome = useChorus()?.outcome;
  const { working, failure } = useChorusStore();
  return (
    <span className="setup-figures quiet" role="status">
      {working && (
        <span className="after-a-while">
          voicing…{' '}
          <Button
            size="small"
            onClick={() => {
              engine.cancel();
            }}
          >
            Stop
          </Button>
        </span>
      )}
      {!working && failure && <span className="fault">{failure}</span>}
      {!working && !failure && outcome?.status === 'found' && (
        <Term of="motion">{outcome.motion} half steps in all</Term>
      )}
    </span>
  );
}

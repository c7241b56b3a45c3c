import type { JobState } from '@drop-close/core';
import { Button, Progress } from 'antd';
import './jobs.css';

interface OnItsWayProps {
  readonly title: string;
  readonly state: JobState;
  /** 0..1. */
  readonly progress: number;
  readonly onCancel: () => void;
}

/** How far the server is with long work, which can be cancelled. */
export function OnItsWay({ title, state, progress, onCancel }: OnItsWayProps) {
  return (
    <div className="job-way">
      {state === 'waiting' ? (
        <span className="quiet" role="status">
          Waits for its turn
        </span>
      ) : (
        <Progress percent={Math.round(progress * 100)} aria-label={`Making ${title}`} />
      )}
      <Button size="small" onClick={onCancel}>
        Cancel
      </Button>
    </div>
  );
}

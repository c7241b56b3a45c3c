import { Button } from 'antd';
import { saveNow } from './tuneSaving';
import { useDocument } from './store';

/** A small honest word on how far the tune is saved. */
export function SaveNote() {
  const state = useDocument((document) => document.save);
  return (
    <span className="save-note quiet" role="status" aria-live="polite">
      {state.kind === 'saved' && 'saved'}
      {state.kind === 'saving' && 'saving'}
      {state.kind === 'offline' && (
        <>
          offline, kept here{' '}
          <Button size="small" type="link" onClick={() => void saveNow()}>
            Try now
          </Button>
        </>
      )}
      {state.kind === 'conflict' && <span className="fault">changed in two places</span>}
      {state.kind === 'refused' && <span className="fault">not saved: {state.detail}</span>}
    </span>
  );
}

import { Button } from 'antd';
import { useKeeping, type KeepingTrouble } from '../local/keeping';
import { useDocument } from './store';
import { saveNow } from './tuneSaving';

/** A small honest word on how far the tune is saved. */
export function SaveNote() {
  const state = useDocument((document) => document.save);
  const trouble = useKeeping((keeping) => keeping.trouble);
  const again = (
    <Button size="small" type="link" onClick={() => void saveNow()}>
      Try now
    </Button>
  );
  return (
    <span className="save-note quiet" role="status" aria-live="polite">
      {state.kind === 'saved' && 'saved'}
      {state.kind === 'saving' && 'saving'}
      {state.kind === 'offline' && (
        <>
          {trouble ? <span className="fault">{NOT_KEPT[trouble]}</span> : 'offline, kept here'}{' '}
          {again}
        </>
      )}
      {state.kind === 'conflict' && <span className="fault">changed in two places</span>}
      {state.kind === 'gone' && (
        <span className="fault">not saved: this tune is no longer in the book</span>
      )}
      {state.kind === 'refused' && (
        <>
          <span className="fault">not saved: {state.detail}</span> {again}
        </>
      )}
    </span>
  );
}

const NOT_KEPT: Readonly<Record<KeepingTrouble, string>> = {
  full: 'not saved: the server does not answer and this browser’s storage is full. Keep this page open.',
  blocked:
    'not saved: the server does not answer and this browser keeps nothing. Keep this page open.',
};

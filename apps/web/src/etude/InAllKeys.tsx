import type { EtudeRequest } from '@drop-close/core';
import { Button, Progress } from 'antd';
import { TWELVE_KEYS } from './etudeBook';
import { useEtudeBook } from './useEtudeBook';

interface InAllKeysProps {
  readonly request: EtudeRequest;
  readonly tempo: number;
  readonly disabled: boolean;
}

/** The étude in all twelve keys as a set of the book, to be printed as one booklet. */
export function InAllKeys({ request, tempo, disabled }: InAllKeysProps) {
  const { done, failure, make, cancel } = useEtudeBook(tempo);
  if (done !== undefined) {
    return (
      <div className="etude-book">
        <Progress
          percent={Math.round((done / TWELVE_KEYS.length) * 100)}
          format={() => `${done} of ${TWELVE_KEYS.length} keys`}
          aria-label="Making it in all keys"
        />
        <Button onClick={cancel}>Cancel</Button>
      </div>
    );
  }
  return (
    <>
      {failure !== undefined && (
        <p className="fault" role="status">
          {failure}
        </p>
      )}
      <Button
        disabled={disabled}
        title="A set of twelve études, opened as a booklet to print"
        onClick={() => void make(request)}
      >
        In all twelve keys, as a set
      </Button>
    </>
  );
}

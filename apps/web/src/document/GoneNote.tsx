import { Alert, Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { keepAsNew } from './keepAsNew';
import { useDocument, useStoredTune } from './store';

/** The tune was thrown away elsewhere while it was edited here: what is here can become a tune again. */
export function GoneNote() {
  const document = useStoredTune();
  const state = useDocument((each) => each.save);
  const origin = useDocument((each) => each.origin);
  const navigate = useNavigate();
  const [failure, setFailure] = useState<string>();
  if (state.kind !== 'gone' || !origin) return null;
  const keep = async (): Promise<void> => {
    try {
      await navigate(`/tune/${await keepAsNew(document, origin.tuneId)}/chart`);
    } catch (error) {
      setFailure(String(error));
    }
  };
  return (
    <Alert
      banner
      type="warning"
      title="This tune is no longer in the book: it was thrown away elsewhere."
      description={failure ?? 'Your edits are kept in this browser.'}
      action={<Button onClick={() => void keep()}>Keep as a new tune</Button>}
    />
  );
}

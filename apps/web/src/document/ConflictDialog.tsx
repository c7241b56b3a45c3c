import { familyOf, inList } from '@drop-close/core';
import { Button, Modal } from 'antd';
import { useNavigate } from 'react-router';
import { conflictWords } from './conflictWords';
import { createWhole } from './keepAsNew';
import { saveNow } from './tuneSaving';
import { useDocument, useStoredTune } from './store';
import type { TuneDocument } from './types';

/** The tune was changed here and elsewhere: both are shown, and neither choice loses the other. */
export function ConflictDialog() {
  const mine = useStoredTune();
  const state = useDocument((document) => document.save);
  const navigate = useNavigate();
  if (state.kind !== 'conflict') return null;
  const { theirs, origin, conflicts } = state;
  const settleOn = (document: TuneDocument, other: TuneDocument): void => {
    const { dispatch, markStored, setSave } = useDocument.getState();
    markStored(theirs, origin);
    dispatch({ type: 'replace', document: other });
    dispatch({ type: 'replace', document });
    setSave({ kind: 'saving' });
    void saveNow();
  };
  const keepBoth = async (): Promise<void> => {
    const id = await createWhole({ ...mine, title: `${mine.title} (mine)` });
    settleOn(theirs, mine);
    await navigate(`/tune/${id}/chart`);
  };
  return (
    <Modal
      open
      closable={false}
      width={720}
      title="This tune was changed in two places"
      footer={[
        <Button key="both" onClick={() => void keepBoth()}>
          Keep both, mine as a copy
        </Button>,
        <Button
          key="theirs"
          onClick={() => {
            settleOn(theirs, mine);
          }}
        >
          Use the other
        </Button>,
        <Button
          key="mine"
          type="primary"
          onClick={() => {
            settleOn(mine, theirs);
          }}
        >
          Keep mine
        </Button>,
      ]}
    >
      <p>Both changed {inList(conflictWords(conflicts))}. All else would fit together.</p>
      <p>Nothing is lost either way: the one you do not take stays one undo away.</p>
      <div className="two-versions">
        <Version name="Mine, here" document={mine} />
        <Version name="The other, stored" document={theirs} />
      </div>
    </Modal>
  );
}

function Version({ name, document }: { name: string; document: TuneDocument }) {
  const { instrument, families, locks } = document.setup;
  const names = families.map((id) => familyOf(id).label).join(', ');
  const locked = Object.values(locks).flat().length;
  return (
    <section>
      <h2>{name}</h2>
      <p className="quiet">
        {document.title}; {instrument}, {names}; {locked} locked
      </p>
      <pre>{document.text}</pre>
    </section>
  );
}

import { isCompedKind } from '@drop-close/core';
import { useComposing } from '../comp/useComposing';
import { DOCUMENT_KINDS } from './documents';
import { NotesSide } from './NotesSide';
import { DocumentChooser } from './PaperChoosers';
import { ThreadsSide } from './ThreadsSide';
import { useChosen } from './useChosen';
import { usePaperLook } from './usePaperLook';

/** A document as it will be printed, and its files. */
export function PagesSide() {
  const [chosen, choose] = useChosen();
  const look = usePaperLook();
  const chooser = (
    <DocumentChooser
      kind={chosen.kind}
      kinds={DOCUMENT_KINDS}
      onChange={(kind) => {
        choose({ kind });
      }}
    />
  );
  if (chosen.kind === 'threads') return <ThreadsSide chooser={chooser} look={look} />;
  return (
    <>
      {isCompedKind(chosen.kind) && <Composing />}
      <NotesSide {...{ chosen, choose, chooser, look }} kind={chosen.kind} />
    </>
  );
}

/** Keeps the choruses composed while their part is seen. */
function Composing() {
  useComposing();
  return null;
}

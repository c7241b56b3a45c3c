import type { ReactNode } from 'react';
import { useHeading } from '../place/heading';
import { Files } from './Files';
import { NOT_VOICED } from './NotesSide';
import { OnStand } from './OnStand';
import type { PaperLook } from './pages';
import { PaperStack } from './Paper';
import { PaperChoosers } from './PaperChoosers';
import { setPaperLook } from './usePaperLook';
import { useThreadPages } from './useThreadPages';

interface ThreadsSideProps {
  readonly chooser: ReactNode;
  readonly look: PaperLook;
}

/** The threads of the chorus as a picture. */
export function ThreadsSide({ chooser, look }: ThreadsSideProps) {
  const { title } = useHeading();
  const threads = useThreadPages(look);
  return (
    <>
      <div className="takeaway-bar">
        {chooser}
        <PaperChoosers look={look} onLook={setPaperLook} without={['size', 'numbers']} />
        <OnStand pages={threads?.pages ?? []} look={look} />
        <Files
          name={`${title}, threads`}
          score={undefined}
          part="comp"
          picture={threads?.picture}
        />
      </div>
      {threads ? (
        <PaperStack paper={look.paper}>{threads.pages}</PaperStack>
      ) : (
        <p className="quiet">{NOT_VOICED}</p>
      )}
    </>
  );
}

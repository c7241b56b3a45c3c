import { ArrowLeftOutlined, DownloadOutlined, PrinterOutlined } from '@ant-design/icons';
import { isForReaders, READER_IDS, READERS, SET_KINDS } from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { Alert, Button, Progress } from 'antd';
import { useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api } from '../../api/client';
import { saveFile } from '../../ui/saveFile';
import { engine } from '../../engine/client';
import { DOCUMENT_LABELS } from '../documents';
import { printDrawn, usePrintedName } from '../Files';
import { OnStand } from '../OnStand';
import { PaperStack } from '../Paper';
import { DocumentChooser, PaperChoosers, ReaderChooser } from '../PaperChoosers';
import { setPaperLook, usePaperLook } from '../usePaperLook';
import { bookletOf } from './booklet';
import { BookletNotes } from './BookletNotes';
import { pagesOfBooklet } from './bookletPages';
import { PartsAsker, PartsList } from './SetParts';
import { useBooklet } from './useBooklet';
import { useNotation } from '../../profile/useNotation';
import '../takeaway.css';

/** A set as one booklet: its contents, and one document of every tune for whoever reads it. */
export default function SetTakeAwayPage() {
  const { id } = useParams();
  const sets = useQuery({ queryKey: ['sets'], queryFn: api.sets });
  const set = sets.data?.find((each) => each.id === id);
  const [parameters, setParameters] = useSearchParams();
  const kind = SET_KINDS.find((each) => each === parameters.get('sheet')) ?? 'lead sheet';
  const wanted = READER_IDS.find((each) => each === parameters.get('for')) ?? 'concert';
  const reader = isForReaders(kind) ? wanted : 'concert';
  const look = usePaperLook();
  const { name: nameOf, symbol } = useNotation();
  const writing = useBooklet(set, { kind, reader, numbers: look.numbers });
  const tunes = writing.state === 'written' ? writing.tunes : undefined;
  const booklet = useMemo(() => tunes && bookletOf(tunes, look, symbol), [tunes, look, symbol]);
  const under = isForReaders(kind) ? READERS[reader].label : DOCUMENT_LABELS[kind];
  const pages = set && booklet ? pagesOfBooklet({ set, booklet, look, under, nameOf }) : [];
  usePrintedName(set?.name);
  if (sets.data && !set) {
    return (
      <main className="page">
        <p>
          There is no such set in the book. <Link to="/book">Back to the book</Link>
        </p>
      </main>
    );
  }
  const choose = (change: { readonly sheet?: string; readonly for?: string }): void => {
    setParameters({ sheet: kind, for: wanted, ...change }, { replace: true });
  };
  const saveParts = async (): Promise<void> => {
    if (!set || !tunes) return;
    const bytes = await engine.packedScores(
      tunes.map(({ title, score }) => ({ name: title, score })),
    );
    saveFile(`${set.name}, ${under}.zip`, bytes, 'application/zip');
  };
  return (
    <main className="page takeaway">
      <div className="takeaway-bar">
        <Link
          className="back-link"
          to={`/book?set=${id ?? ''}`}
          title="Back to the set"
          aria-label="Back to the set"
        >
          <ArrowLeftOutlined aria-hidden />
        </Link>
        <h1 className="takeaway-set">{set?.name}</h1>
        <DocumentChooser
          kind={kind}
          kinds={SET_KINDS}
          onChange={(sheet) => {
            choose({ sheet });
          }}
        />
        {isForReaders(kind) && (
          <ReaderChooser
            reader={reader}
            onChange={(chosen) => {
              choose({ for: chosen });
            }}
          />
        )}
        <PaperChoosers look={look} onLook={setPaperLook} />
        <OnStand pages={pages} look={look} />
        <span className="takeaway-files">
          <Button
            type="primary"
            icon={<PrinterOutlined aria-hidden />}
            disabled={!pages.length}
            onClick={() => void printDrawn()}
          >
            Print
          </Button>
          <Button
            icon={<DownloadOutlined aria-hidden />}
            disabled={!tunes?.length}
            title="One MusicXML file for each tune, in a .zip"
            onClick={() => void saveParts()}
          >
            MusicXML
          </Button>
          {set && isForReaders(kind) && (
            <PartsAsker setId={set.id} kind={kind} numbers={look.numbers} />
          )}
        </span>
      </div>
      {set && <PartsList setId={set.id} />}
      {writing.state === 'failed' && (
        <Alert type="warning" title="The booklet cannot be written" description={writing.why} />
      )}
      {writing.state === 'writing' && set && (
        <Progress
          percent={Math.round((writing.done / Math.max(1, set.tuneIds.length)) * 100)}
          format={() => `${writing.done} of ${set.tuneIds.length} tunes`}
          aria-label="Writing the booklet"
        />
      )}
      {writing.state === 'written' && <BookletNotes notes={writing.notes} />}
      {set?.tuneIds.length === 0 && <p className="quiet">This set is empty.</p>}
      {booklet && booklet.pages.length > 0 && <PaperStack paper={look.paper}>{pages}</PaperStack>}
    </main>
  );
}

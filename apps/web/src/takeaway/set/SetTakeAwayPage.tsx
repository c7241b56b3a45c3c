import { PrinterOutlined } from '@ant-design/icons';
import { READER_IDS, READERS, type SetView } from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { Alert, Button, Progress } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api } from '../../api/client';
import { prettyName } from '../../ui/notation';
import { PaperChoosers, ReaderChooser } from '../PaperChoosers';
import type { PaperId } from '../pages';
import { PageTurner } from '../PageTurner';
import { PaperPage, PaperStack } from '../Paper';
import { PageOfScore } from '../SheetPages';
import { bookletOf, type Booklet } from './booklet';
import { useBooklet } from './useBooklet';
import '../takeaway.css';

/** A set as one booklet: its contents, and every tune as a lead sheet for whoever reads it. */
export default function SetTakeAwayPage() {
  const { id } = useParams();
  const sets = useQuery({ queryKey: ['sets'], queryFn: api.sets });
  const set = sets.data?.find((each) => each.id === id);
  const [parameters, setParameters] = useSearchParams();
  const reader = READER_IDS.find((each) => each === parameters.get('for')) ?? 'concert';
  const [perLine, setPerLine] = useState(4);
  const [paper, setPaper] = useState<PaperId>('A4');
  const [onStand, setOnStand] = useState(false);
  const writing = useBooklet(set, reader);
  const tunes = writing.state === 'written' ? writing.tunes : undefined;
  const booklet = useMemo(() => tunes && bookletOf(tunes, perLine, paper), [tunes, perLine, paper]);
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
  return (
    <main className="page takeaway">
      <div className="takeaway-bar">
        <h1 className="takeaway-set">{set?.name}</h1>
        <ReaderChooser
          reader={reader}
          onChange={(chosen) => {
            setParameters({ for: chosen }, { replace: true });
          }}
        />
        <PaperChoosers perLine={perLine} onPerLine={setPerLine} paper={paper} onPaper={setPaper} />
        <span className="takeaway-files">
          <Button
            type="primary"
            icon={<PrinterOutlined aria-hidden />}
            disabled={!booklet}
            onClick={() => {
              window.print();
            }}
          >
            Print
          </Button>
          <Button
            disabled={!booklet}
            onClick={() => {
              setOnStand(true);
            }}
          >
            Pages on the stand
          </Button>
          <Link to={`/book?set=${id ?? ''}`}>Back to the set</Link>
        </span>
      </div>
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
      {set?.tuneIds.length === 0 && <p className="quiet">This set is empty.</p>}
      {set && booklet && booklet.pages.length > 0 && (
        <BookletPages {...{ set, booklet, paper }} reader={READERS[reader].label} />
      )}
      {set && booklet && onStand && (
        <BookletOnStand
          {...{ set, booklet, paper }}
          reader={READERS[reader].label}
          onClose={() => {
            setOnStand(false);
          }}
        />
      )}
    </main>
  );
}

/** The browser names a printed file by the title of the page. */
function usePrintedName(name: string | undefined): void {
  useEffect(() => {
    if (name === undefined) return undefined;
    const before = document.title;
    document.title = name;
    return () => {
      document.title = before;
    };
  }, [name]);
}

interface BookletPagesProps {
  readonly set: SetView;
  readonly booklet: Booklet;
  readonly reader: string;
  readonly paper: PaperId;
}

const BookletPages = (props: BookletPagesProps) => (
  <PaperStack paper={props.paper}>{pagesOfBooklet(props)}</PaperStack>
);

const BookletOnStand = ({
  onClose,
  ...props
}: BookletPagesProps & { readonly onClose: () => void }) => (
  <PageTurner paper={props.paper} pages={pagesOfBooklet(props)} onClose={onClose} />
);

/** Contents, and the pages of every tune. */
function pagesOfBooklet({ set, booklet, reader, paper }: BookletPagesProps): ReactNode[] {
  const { contents, pages, total } = booklet;
  return [
    <PaperPage key="contents" paper={paper} number={1} total={total} foot={set.name}>
      <header className="booklet-head">
        <h2>{set.name}</h2>
        <p>
          <span>{reader}</span>
          {set.day !== undefined && <span>{dayjs(set.day).format('dddd, D MMMM YYYY')}</span>}
        </p>
      </header>
      <ol className="booklet-contents">
        {contents.map(({ title, key, tempo, page }, at) => (
          <li key={at}>
            <span className="booklet-title">{title}</span>
            <span>{prettyName(key)}</span>
            <span>♩ = {tempo}</span>
            <span className="booklet-page">{page}</span>
          </li>
        ))}
      </ol>
    </PaperPage>,
    ...pages.map(({ tune, systems, isFirst }, at) => (
      <PaperPage key={at} paper={paper} number={at + 2} total={total} foot={set.name}>
        <PageOfScore
          score={tune.score}
          systems={systems}
          reader={reader}
          paper={paper}
          isFirst={isFirst}
        />
      </PaperPage>
    )),
  ];
}

import { tellChanges } from '@drop-close/core';
import { Alert, Button, Collapse, Drawer } from 'antd';
import { useState } from 'react';
import { useDocument, useStoredTune } from '../../document/store';
import { timeOf, dayAndTime } from '../../ui/moments';
import {
  byDay,
  useChanged,
  useHistorySheet,
  useMoments,
  useThen,
  type HistoryDay,
  type Moment,
} from './useHistory';

const close = (): void => {
  useHistorySheet.setState({ open: false });
};

/** The tune as it was at every save that is kept, by day; one is looked at beside today's and gone back to. */
export function HistorySheet() {
  const open = useHistorySheet((state) => state.open);
  return (
    <Drawer
      open={open}
      onClose={close}
      size={520}
      title="Earlier versions of this tune"
      destroyOnHidden
    >
      <History />
    </Drawer>
  );
}

function History() {
  const { data, error, isPending, hasNextPage, isFetchingNextPage, fetchNextPage } = useMoments();
  const [chosen, setChosen] = useState<string>();
  if (isPending) return <p className="quiet">Looking…</p>;
  if (error) {
    return <Alert type="warning" title="The history cannot be read" description={error.message} />;
  }
  if (chosen !== undefined) {
    return (
      <Version
        at={chosen}
        onBack={() => {
          setChosen(undefined);
        }}
      />
    );
  }
  const days = byDay(data);
  return (
    <>
      <p className="quiet">
        How the tune was: of the last day the last save of each minute, of the last month that of
        each hour, of the last year that of each day, before that of each week.
      </p>
      <Collapse
        ghost
        defaultActiveKey={days.slice(0, 1).map(({ day }) => day)}
        items={days.map((each) => ({
          key: each.day,
          label: each.day,
          children: <Day day={each} isWhole={!hasNextPage} onChoose={setChosen} />,
        }))}
      />
      {hasNextPage && (
        <Button loading={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          Show earlier versions
        </Button>
      )}
    </>
  );
}

interface DayProps {
  readonly day: HistoryDay;
  /** Whether every moment that is kept is there. */
  readonly isWhole: boolean;
  readonly onChoose: (at: string) => void;
}

function Day({ day, isWhole, onChoose }: DayProps) {
  return (
    <ul className="history-day" aria-label={day.day}>
      {day.moments.map((moment) => (
        <Saved key={moment.at} moment={moment} isFirst={isWhole} onChoose={onChoose} />
      ))}
    </ul>
  );
}

interface SavedProps {
  readonly moment: Moment;
  /** Whether it is the first of all, where none is before it. */
  readonly isFirst: boolean;
  readonly onChoose: (at: string) => void;
}

function Saved({ moment, isFirst, onChoose }: SavedProps) {
  const words = useChanged(moment, isFirst);
  // The tune and its arrangement are saved one after the other; some saves change nothing that is told.
  if (words && !words.length) return null;
  return (
    <li>
      <Button
        type="link"
        size="small"
        onClick={() => {
          onChoose(moment.at);
        }}
      >
        {timeOf(moment.at)}
      </Button>
      <span>{words ? words.join('; ') : '…'}</span>
    </li>
  );
}

function Version({ at, onBack }: { at: string; onBack: () => void }) {
  const now = useStoredTune();
  const { data: then, error } = useThen(at);
  if (error) {
    return (
      <Alert
        type="warning"
        title="This version cannot be read"
        description={error.message}
        action={<Button onClick={onBack}>Back</Button>}
      />
    );
  }
  if (!then) return <p className="quiet">Looking…</p>;
  const words = tellChanges(then, now);
  return (
    <div className="history-version">
      <p>
        <Button size="small" onClick={onBack}>
          All versions
        </Button>
      </p>
      <h3>{dayAndTime(at)}</h3>
      <p>{words.length ? `Since then: ${words.join('; ')}.` : 'The tune is as it was then.'}</p>
      <div className="two-versions">
        <section>
          <h4>Then</h4>
          <pre>{then.text}</pre>
        </section>
        <section>
          <h4>Now</h4>
          <pre>{now.text}</pre>
        </section>
      </div>
      <Button
        type="primary"
        disabled={!words.length}
        onClick={() => {
          useDocument.getState().dispatch({ type: 'replace', document: then });
          close();
        }}
      >
        Go back to this version
      </Button>
      <p className="quiet">Undo takes you to where you are now.</p>
    </div>
  );
}

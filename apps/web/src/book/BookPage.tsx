import type { SetView } from '@drop-close/core';
import { PlusOutlined } from '@ant-design/icons';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  closestCenter,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import { sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import { Alert, Button } from 'antd';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useServer } from '../api/client';
import { useNavigate, useSearchParams } from 'react-router';
import { spokenDrag } from '../ui/spokenDrag';
import { SetDesk, TuneDesk } from './BookDesks';
import { moved, withTune } from './order';
import { NotYetInBook } from './NotYetInBook';
import { PassphraseSheet } from './PassphraseSheet';
import { SetList } from './SetList';
import { ThrownAwaySheet } from './ThrownAwaySheet';
import { useBook, type Book } from './useBook';
import { KnownTunes } from './KnownTunes';
import './book.css';

const EtudeMaker = lazy(() => import('../etude/EtudeMaker'));

/** The same objects all along: what is drawn anew while something is dragged does not begin again. */
const BY_POINTER = { activationConstraint: { distance: 6 } };
const BY_KEYS = { coordinateGetter: sortableKeyboardCoordinates };

type Sheet = 'thrown away' | 'passphrase';

/** The tunes and sets: find one, open one, put them in order, throw one away and take that back. */
export function BookPage() {
  const book = useBook();
  const [etude, setEtude] = useState(false);
  const [sheet, setSheet] = useState<Sheet>();
  const close = (): void => {
    setSheet(undefined);
  };
  const { tunes, sets, createTune } = book;
  const navigate = useNavigate();
  const away = useServer((state) => state.away);
  const [parameters, setParameters] = useSearchParams();
  const begin = parameters.get('begin');
  const create = createTune.mutate;
  useEffect(() => {
    if (begin !== 'tune') return;
    setParameters({}, { replace: true });
    create();
  }, [begin, create, setParameters]);
  const setId = parameters.get('set') ?? undefined;
  const set = sets.data?.find(({ id }) => id === setId);
  const sensors = useSensors(
    useSensor(PointerSensor, BY_POINTER),
    useSensor(KeyboardSensor, BY_KEYS),
  );
  return (
    <main className="page book">
      <div className="book-head">
        <h1>The book</h1>
        <Button
          type="text"
          onClick={() => {
            setSheet('thrown away');
          }}
        >
          Thrown away
        </Button>
        <Button
          type="text"
          onClick={() => {
            setSheet('passphrase');
          }}
        >
          Passphrase
        </Button>
        <Button
          type="text"
          onClick={() => {
            void navigate('/whole-book');
          }}
        >
          Whole book
        </Button>
        <Button
          onClick={() => {
            void navigate('/bring-in');
          }}
        >
          Bring in
        </Button>
        <Button
          onClick={() => {
            setEtude(true);
          }}
        >
          New étude
        </Button>
        <Button
          type="primary"
          icon={<PlusOutlined aria-hidden />}
          loading={createTune.isPending}
          onClick={() => {
            createTune.mutate();
          }}
        >
          New tune
        </Button>
      </div>
      {away && tunes.data && (
        <Alert
          type="warning"
          title="The server does not answer"
          description="You see the book as it was when it answered last. What you change is kept in this browser and sent when it is back."
          action={<Button onClick={() => void tunes.refetch()}>Try again</Button>}
        />
      )}
      <NotYetInBook />
      {tunes.isError && (
        <Alert
          type="warning"
          title="The book cannot be opened just now"
          description={tunes.error.message}
          action={<Button onClick={() => void tunes.refetch()}>Try again</Button>}
        />
      )}
      {tunes.isPending && <p className="quiet">Opening the book…</p>}
      {tunes.data?.length === 0 && (
        <p className="quiet">
          The book is empty. Begin with a new tune and type its changes, or bring some in.
        </p>
      )}
      {!!tunes.data?.length && (
        <DndContext
          sensors={sensors}
          collisionDetection={underHand}
          accessibility={{ announcements: spokenDrag((id) => nameOf(id, book, set)) }}
          onDragEnd={(event) => {
            drop(event, book, set);
          }}
        >
          <KnownTunes>
            <div className="book-desk">
              <SetList
                sets={sets.data ?? []}
                chosen={set?.id}
                onNew={() => {
                  book.createSet.mutate();
                }}
              />
              {set ? (
                <SetDesk book={book} set={set} tunes={tunes.data} />
              ) : (
                <TuneDesk book={book} tunes={tunes.data} />
              )}
            </div>
          </KnownTunes>
        </DndContext>
      )}
      <ThrownAwaySheet open={sheet === 'thrown away'} onClose={close} />
      <PassphraseSheet open={sheet === 'passphrase'} onClose={close} />
      {(etude || begin === 'étude') && (
        <Suspense>
          <EtudeMaker
            onClose={() => {
              setEtude(false);
              if (begin !== null) setParameters({}, { replace: true });
            }}
          />
        </Suspense>
      )}
    </main>
  );
}

/** What lies under the pointer; without a pointer, what the carried row is nearest to. */
const underHand: CollisionDetection = (all) =>
  all.pointerCoordinates ? pointerWithin(all) : closestCenter(all);

/** Name of a tune, of a set, or of a place in the set on the desk, by the id it is dragged with. */
function nameOf(id: UniqueIdentifier, book: Book, set: SetView | undefined): string {
  const [what, which = ''] = String(id).split(' ');
  if (what === 'place') return `place ${Number(which) + 1} of “${set?.name ?? ''}”`;
  return what === 'set'
    ? `the set “${book.sets.data?.find((each) => each.id === which)?.name ?? ''}”`
    : `“${book.tunes.data?.find((each) => each.id === which)?.title ?? ''}”`;
}

/** A tune on a set goes to its end; a place on a place changes the order. */
function drop({ active, over }: DragEndEvent, book: Book, set: SetView | undefined): void {
  const [what, id = ''] = String(active.id).split(' ');
  const [onto, target = ''] = String(over?.id ?? '').split(' ');
  if (what === 'tune' && onto === 'set') {
    const goal = book.sets.data?.find((each) => each.id === target);
    if (goal) book.changeSet(withTune(goal, id));
  }
  if (what === 'place' && onto === 'place' && set && id !== target) {
    book.changeSet(moved(set, Number(id), Number(target)));
  }
}

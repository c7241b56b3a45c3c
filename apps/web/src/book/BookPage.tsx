import type { SetView, TuneGlance } from '@drop-close/core';
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
import { Alert, Button, type MenuProps } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import { spokenDrag } from '../ui/spokenDrag';
import { BookFiltersBar } from './BookFiltersBar';
import { FILTER_NAMES, filterTunes, optionsOf, type BookFilters } from './filters';
import { moved, withTune, withoutPlace } from './order';
import { SetHead } from './SetHead';
import { SetList } from './SetList';
import { SetTable, TuneTable } from './TuneTable';
import { useBook, type Book } from './useBook';
import './book.css';

const EtudeMaker = lazy(() => import('../etude/EtudeMaker'));

/** The tunes and sets: find one, open one, put them in order, throw one away and take that back. */
export function BookPage() {
  const book = useBook();
  const [etude, setEtude] = useState(false);
  const { tunes, sets, createTune } = book;
  const [parameters] = useSearchParams();
  const setId = parameters.get('set') ?? undefined;
  const set = sets.data?.find(({ id }) => id === setId);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <main className="page book">
      <div className="book-head">
        <h1>The book</h1>
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
        <p className="quiet">The book is empty. Begin with a new tune and type its changes.</p>
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
        </DndContext>
      )}
      {etude && (
        <Suspense>
          <EtudeMaker
            onClose={() => {
              setEtude(false);
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

/** All tunes, and what is looked for among them; the search stands in the address. */
function TuneDesk({ book, tunes }: { book: Book; tunes: readonly TuneGlance[] }) {
  const [parameters, setParameters] = useSearchParams();
  const filters: BookFilters = Object.fromEntries(
    FILTER_NAMES.flatMap((name) => {
      const value = parameters.get(name);
      return value === null ? [] : [[name, value]];
    }),
  );
  const found = filterTunes(tunes, filters);
  return (
    <div className="book-tunes">
      <BookFiltersBar
        filters={filters}
        options={optionsOf(tunes)}
        onChange={(change) => {
          // The address as it is now: another change may have come since this was drawn.
          const next = new URLSearchParams(window.location.search);
          for (const [name, value] of Object.entries<string | undefined>(change)) {
            if (value === undefined) next.delete(name);
            else next.set(name, value);
          }
          setParameters(next, { replace: true });
        }}
        onClear={() => {
          setParameters({}, { replace: true });
        }}
      />
      {found.length > 0 ? (
        <TuneTable tunes={found} menuOf={(tune) => tuneMenu(book, tune)} />
      ) : (
        <p className="quiet">No tune of the book is like that.</p>
      )}
    </div>
  );
}

function SetDesk({ book, set, tunes }: { book: Book; set: SetView; tunes: readonly TuneGlance[] }) {
  return (
    <div className="book-tunes">
      <SetHead
        set={set}
        onRename={(name) => {
          book.changeSet({ ...set, name });
        }}
        onRemove={() => {
          book.removeSet.mutate(set);
        }}
      />
      {set.tuneIds.length > 0 ? (
        <SetTable
          set={set}
          tunes={tunes}
          menuOf={(tune, place = 0) => ({
            items: [
              {
                key: 'out of set',
                label: 'Take out of this set',
                onClick: () => {
                  book.changeSet(withoutPlace(set, place));
                },
              },
              ...(tuneMenu(book, tune).items ?? []),
            ],
          })}
        />
      ) : (
        <p className="quiet">
          This set is empty. Go to All tunes and drag tunes on its name, or choose it from a tune’s
          menu.
        </p>
      )}
    </div>
  );
}

function tuneMenu({ sets, changeSet, copyTune, removeTune }: Book, tune: TuneGlance): MenuProps {
  const all = sets.data ?? [];
  const into = all.map((set) => ({
    key: set.id,
    label: set.name,
    onClick: () => {
      changeSet(withTune(set, tune.id));
    },
  }));
  return {
    items: [
      ...(into.length ? [{ key: 'into', label: 'Put into set', children: into }] : []),
      {
        key: 'copy',
        label: 'Copy this tune',
        onClick: () => {
          copyTune.mutate(tune);
        },
      },
      {
        key: 'out',
        label: 'Take out of the book',
        onClick: () => {
          removeTune.mutate(tune);
        },
      },
    ],
  };
}

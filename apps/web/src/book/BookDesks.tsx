import type { SetView, TuneGlance } from '@drop-close/core';
import type { MenuProps } from 'antd';
import { useSearchParams } from 'react-router';
import { BookFiltersBar } from './BookFiltersBar';
import { FILTER_NAMES, filterTunes, optionsOf, type BookFilters } from './filters';
import { withDay, withTune, withoutPlace } from './order';
import { SetHead } from './SetHead';
import { SetTable, TuneTable } from './TuneTable';
import type { Book } from './useBook';
import { useKnownTunes } from './KnownTunes';
import { useSearchedTunes } from '../tunes/useTunes';
import { submenuIcon } from '../ui/submenuIcon';

/** All tunes, and what is looked for among them; the search stands in the address. */
export function TuneDesk({ book, tunes }: { book: Book; tunes: readonly TuneGlance[] }) {
  const [parameters, setParameters] = useSearchParams();
  const filters: BookFilters = Object.fromEntries(
    FILTER_NAMES.flatMap((name) => {
      const value = parameters.get(name);
      return value === null ? [] : [[name, value]];
    }),
  );
  const searched = useSearchedTunes(filters.search ?? '', book.tunes.isWhole);
  const found = filterTunes(searched ?? tunes, filters, useKnownTunes());
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
        <p className="quiet">No tune matches.</p>
      )}
    </div>
  );
}

/** One set: its name, and its tunes in playing order. */
export function SetDesk({
  book,
  set,
  tunes,
}: {
  book: Book;
  set: SetView;
  tunes: readonly TuneGlance[];
}) {
  return (
    <div className="book-tunes">
      <SetHead
        set={set}
        onRename={(name) => {
          book.changeSet({ ...set, name });
        }}
        onDay={(day) => {
          book.changeSet(withDay(set, day));
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
                label: 'Remove from this set',
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
    expandIcon: submenuIcon,
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
        label: 'Throw away',
        onClick: () => {
          removeTune.mutate(tune);
        },
      },
    ],
  };
}

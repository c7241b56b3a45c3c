import type { SetView, TuneGlance } from '@drop-close/core';
import { useDraggable } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { MenuProps } from 'antd';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { RowHandle } from '../ui/RowHandle';
import { TuneCells } from './TuneRow';
import { Term } from '../ui/terms/Term';

type MenuOf = (tune: TuneGlance, place?: number) => MenuProps;

/** The tunes of the book; each can be dragged on a set. */
export function TuneTable(props: TuneTableProps) {
  const { tunes, menuOf } = props;
  if (tunes.length > WINDOWED_FROM) return <LongTable {...props} />;
  return (
    <Table>
      {tunes.map((tune) => (
        <DraggableRow key={tune.id} tune={tune} menu={menuOf(tune)} />
      ))}
    </Table>
  );
}

interface TuneTableProps {
  readonly tunes: readonly TuneGlance[];
  readonly menuOf: MenuOf;
}

/** From here on only the rows in sight are on the page. */
const WINDOWED_FROM = 180;
/** The height of a row before it is measured, in pixels. */
const ROW_HEIGHT = 53;
/** Rows above and below those in sight. */
const BEYOND = 12;

function LongTable({ tunes, menuOf }: TuneTableProps) {
  'use no memo'; // The virtualizer is the same object while what it says changes.
  const table = useRef<HTMLDivElement>(null);
  const [scrollMargin, setScrollMargin] = useState(0);
  useLayoutEffect(() => {
    const { top = 0 } = table.current?.getBoundingClientRect() ?? {};
    setScrollMargin(top + window.scrollY);
  }, []);
  const rows = useWindowVirtualizer({
    count: tunes.length,
    estimateSize: () => ROW_HEIGHT,
    overscan: BEYOND,
    scrollMargin,
    getItemKey: (at) => tunes[at]!.id,
  });
  const inSight = rows.getVirtualItems();
  const above = (inSight[0]?.start ?? scrollMargin) - scrollMargin;
  const below = rows.getTotalSize() - ((inSight.at(-1)?.end ?? scrollMargin) - scrollMargin);
  return (
    <div ref={table}>
      <Table count={tunes.length}>
        <Space height={above} />
        {inSight.map(({ index }) => {
          const tune = tunes[index]!;
          return <DraggableRow key={tune.id} tune={tune} menu={menuOf(tune)} />;
        })}
        <Space height={below} />
      </Table>
    </div>
  );
}

/** In place of rows out of sight. */
const Space = ({ height }: { height: number }) =>
  height > 0 && (
    <tr aria-hidden>
      <td colSpan={7} style={{ height, padding: 0, border: 0 }} />
    </tr>
  );

/** The tunes of a set in playing order; dragging one moves it. */
export function SetTable({
  set,
  tunes,
  menuOf,
}: {
  set: SetView;
  tunes: readonly TuneGlance[];
  menuOf: MenuOf;
}) {
  const byId = new Map(tunes.map((tune) => [tune.id, tune]));
  const places = set.tuneIds.flatMap((id, at) => {
    const tune = byId.get(id);
    return tune ? [{ tune, at }] : [];
  });
  return (
    <SortableContext
      items={places.map(({ at }) => `place ${at}`)}
      strategy={verticalListSortingStrategy}
    >
      <Table>
        {places.map(({ tune, at }, index) => (
          <SortableRow key={at} tune={tune} at={at} place={index + 1} menu={menuOf(tune, at)} />
        ))}
      </Table>
    </SortableContext>
  );
}

/** @param count of all rows, where not all of them are on the page */
function Table({ children, count }: { children: ReactNode; count?: number }) {
  return (
    <table className="book-table" aria-rowcount={count}>
      <thead>
        <tr>
          <th scope="col" className="book-handles">
            <span className="unseen">Drag</span>
          </th>
          <th scope="col" className="book-titles">
            Tune
          </th>
          <th scope="col" className="book-wide">
            Form
          </th>
          <th scope="col" className="book-keys">
            Key
          </th>
          <th scope="col" className="book-wide">
            Feel
          </th>
          <th scope="col" className="book-wide">
            Tempo
          </th>
          <th scope="col" className="book-knowns">
            <Term of="strength">Known</Term>
          </th>
          <th scope="col" className="book-more">
            <span className="unseen">More</span>
          </th>
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

function DraggableRow({ tune, menu }: { tune: TuneGlance; menu: MenuProps }) {
  const drag = useDraggable({ id: `tune ${tune.id}` });
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, isDragging } = drag;
  return (
    <tr ref={setNodeRef} style={carried(CSS.Translate.toString(transform), isDragging)}>
      <td className="book-handle">
        <RowHandle
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Drag “${tune.title}” on a set`}
        />
      </td>
      <TuneCells tune={tune} menu={menu} />
    </tr>
  );
}

interface SortableRowProps {
  readonly tune: TuneGlance;
  readonly at: number;
  readonly place: number;
  readonly menu: MenuProps;
}

function SortableRow({ tune, at, place, menu }: SortableRowProps) {
  const sortable = useSortable({ id: `place ${at}` });
  const { setNodeRef, setActivatorNodeRef, attributes, listeners } = sortable;
  const { transform, transition, isDragging } = sortable;
  const style = { ...carried(CSS.Translate.toString(transform), isDragging), transition };
  return (
    <tr ref={setNodeRef} style={style}>
      <td className="book-handle">
        <RowHandle
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move “${tune.title}”, number ${place} of the set`}
        />
        <span className="quiet">{place}</span>
      </td>
      <TuneCells tune={tune} menu={menu} />
    </tr>
  );
}

const carried = (transform: string | undefined, isDragging: boolean) => ({
  ...(transform === undefined ? {} : { transform }),
  ...(isDragging ? { position: 'relative' as const, zIndex: 2, opacity: 0.85 } : {}),
});

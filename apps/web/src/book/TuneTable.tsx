import type { SetView, TuneGlance } from '@drop-close/core';
import { useDraggable } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { MenuProps } from 'antd';
import type { ReactNode } from 'react';
import { RowHandle, TuneCells } from './TuneRow';

type MenuOf = (tune: TuneGlance, place?: number) => MenuProps;

/** The tunes of the book; each can be dragged on a set. */
export function TuneTable({ tunes, menuOf }: { tunes: readonly TuneGlance[]; menuOf: MenuOf }) {
  return (
    <Table>
      {tunes.map((tune) => (
        <DraggableRow key={tune.id} tune={tune} menu={menuOf(tune)} />
      ))}
    </Table>
  );
}

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

function Table({ children }: { children: ReactNode }) {
  return (
    <table className="book-table">
      <thead>
        <tr>
          <th scope="col">
            <span className="unseen">Drag</span>
          </th>
          <th scope="col">Tune</th>
          <th scope="col">Form</th>
          <th scope="col">Key</th>
          <th scope="col">Feel</th>
          <th scope="col">Tempo</th>
          <th scope="col">
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

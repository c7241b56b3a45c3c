import type { SetView } from '@drop-close/core';
import { PlusOutlined } from '@ant-design/icons';
import { useDroppable } from '@dnd-kit/core';
import { Button } from 'antd';
import { Link } from 'react-router';

interface SetListProps {
  readonly sets: readonly SetView[];
  readonly chosen: string | undefined;
  readonly onNew: () => void;
}

/** The sets; a tune dragged on one of them is put at its end. */
export function SetList({ sets, chosen, onNew }: SetListProps) {
  return (
    <nav className="set-list" aria-label="Sets">
      <Link to="/book" aria-current={chosen === undefined ? 'page' : undefined}>
        All tunes
      </Link>
      {sets.map((set) => (
        <SetLink key={set.id} set={set} chosen={set.id === chosen} />
      ))}
      <Button type="text" icon={<PlusOutlined aria-hidden />} onClick={onNew}>
        New set
      </Button>
    </nav>
  );
}

function SetLink({ set, chosen }: { set: SetView; chosen: boolean }) {
  const { setNodeRef, isOver } = useDroppable({ id: `set ${set.id}` });
  return (
    <Link
      ref={setNodeRef}
      to={`/book?set=${set.id}`}
      className={isOver ? 'over' : undefined}
      aria-current={chosen ? 'page' : undefined}
    >
      {set.name} <span className="quiet">{set.tuneIds.length}</span>
    </Link>
  );
}

import { itemKey, type PracticeItem, type PracticeNote } from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { Button, Popover } from 'antd';
import { useState } from 'react';
import { api } from '../../api/client';
import { dayOf } from '../../ui/moments';
import { GRADE_WORDS } from '../base/grades';

interface ItemHistoryProps {
  readonly item: PracticeItem;
  readonly words: string;
  readonly reviews: number;
}

/** How often something was practised; pressed, when and how. */
export function ItemHistory({ item, words, reviews }: ItemHistoryProps) {
  const [open, setOpen] = useState(false);
  return (
    <Popover
      trigger="click"
      title={words}
      open={open}
      onOpenChange={setOpen}
      content={open && <Notes item={itemKey(item)} />}
    >
      <Button size="small" type="text" aria-label={`When and how: ${words}`}>
        {reviews === 1 ? 'once' : `${reviews} times`}
      </Button>
    </Popover>
  );
}

function Notes({ item }: { item: string }) {
  const { data, error } = useQuery({
    queryKey: ['practice notes', item],
    queryFn: () => api.notesOf(item),
    refetchOnMount: 'always',
  });
  if (error) return <p className="fault">{error.message}</p>;
  if (!data) return <p className="quiet">Looking it up…</p>;
  const slips = new Set(data.map((note) => (note.kind === 'taken back' ? note.of : '')));
  const standing = data.filter(({ id, kind }) => kind !== 'taken back' && !slips.has(id));
  return (
    <ol className="item-notes">
      {standing
        .sort((a, b) => b.at - a.at)
        .map((note) => (
          <li key={note.id}>
            {dayOf(note.at)}: {toldOf(note)}
          </li>
        ))}
    </ol>
  );
}

function toldOf(note: PracticeNote): string {
  switch (note.kind) {
    case 'review':
      return `${GRADE_WORDS[note.grade].toLowerCase()}${note.tempo === undefined ? '' : `, at ${note.tempo}`}`;
    case 'put':
      return `put to ${dayOf(note.due)}`;
    case 'taken back':
      return 'a slip';
  }
}

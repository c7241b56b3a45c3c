import { DeleteOutlined, EditOutlined } from '@ant-design/icons';
import type { EntryView } from '@drop-close/core';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useState } from 'react';
import { api } from '../../api/client';
import { dayOf } from '../../ui/moments';
import { GRADE_WORDS } from '../base/grades';
import { LOG } from '../items/useLog';
import { useNotation } from '../../profile/useNotation';

interface LogTableProps {
  readonly entries: readonly EntryView[];
  readonly onEdit: (entry: EntryView) => void;
}

/** So many lines at first: more are there when asked for. */
const SHOWN = 60;

/** Every entry, the latest day first. */
export function LogTable({ entries, onEdit }: LogTableProps) {
  const [shown, setShown] = useState(SHOWN);
  return (
    <>
      <table className="log-table">
        <caption className="unseen">The logbook, the latest day first</caption>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Minutes</th>
            <th scope="col">Tempo</th>
            <th scope="col" className="log-wide">
              Key
            </th>
            <th scope="col">How</th>
            <th scope="col">
              <span className="unseen">Correct or throw away</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {entries.slice(0, shown).map((entry, at) => (
            <Row
              key={entry.id}
              entry={entry}
              isFirst={entries[at - 1]?.day !== entry.day}
              onEdit={onEdit}
            />
          ))}
        </tbody>
      </table>
      {entries.length > shown && (
        <Button
          onClick={() => {
            setShown(shown + SHOWN);
          }}
        >
          Show {Math.min(SHOWN, entries.length - shown)} more
        </Button>
      )}
    </>
  );
}

interface RowProps {
  readonly entry: EntryView;
  /** Of its day. */
  readonly isFirst: boolean;
  readonly onEdit: (entry: EntryView) => void;
}

function Row({ entry, isFirst, onEdit }: RowProps) {
  const { day, minutes, what, tempo, key, grade, notes } = entry;
  const throwAway = useThrowAway();
  const { name } = useNotation();
  return (
    <>
      {isFirst && (
        <tr className="log-day">
          <th scope="colgroup" colSpan={6}>
            {dayOf(`${day}T12:00:00`)}
          </th>
        </tr>
      )}
      <tr>
        <td>
          {what}
          {notes && <span className="quiet log-notes">{notes}</span>}
        </td>
        <td>{Number(minutes.toFixed(1))}</td>
        <td>{tempo}</td>
        <td className="log-wide">{key !== undefined && name(key)}</td>
        <td>{grade && GRADE_WORDS[grade]}</td>
        <td className="log-tools">
          <Button
            type="text"
            icon={<EditOutlined aria-hidden />}
            aria-label={`Correct: ${what}`}
            onClick={() => {
              onEdit(entry);
            }}
          />
          <Button
            type="text"
            icon={<DeleteOutlined aria-hidden />}
            aria-label={`Throw away: ${what}`}
            onClick={() => void throwAway(entry)}
          />
        </td>
      </tr>
    </>
  );
}

/** Throws an entry away, with a way to put it back. */
function useThrowAway(): (entry: EntryView) => Promise<void> {
  const queries = useQueryClient();
  const { notification } = App.useApp();
  const again = () => queries.invalidateQueries({ queryKey: LOG });
  const failed = (error: unknown): void => {
    notification.error({ title: 'That did not work', description: String(error) });
  };
  return async ({ id, what }) => {
    const putBack = (): void => {
      notification.destroy(id);
      api.restoreEntry(id).then(again, failed);
    };
    try {
      await api.deleteEntry(id);
      await again();
      const actions = <Button onClick={putBack}>Put it back</Button>;
      notification.open({ key: id, title: `“${what}” is thrown away`, actions, duration: 12 });
    } catch (error) {
      failed(error);
    }
  };
}

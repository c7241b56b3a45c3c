import { Alert } from 'antd';
import { useServer } from '../../api/client';
import { useWaiting } from './sending';

/** What was practised is in this browser alone until the server has it. */
export function WaitingNote() {
  const { notes, entries, refused } = useWaiting();
  const away = useServer((state) => state.away);
  const count = notes.length + entries.length;
  if (refused !== undefined) {
    return (
      <Alert
        type="warning"
        title="The book did not take what was practised"
        description={refused}
      />
    );
  }
  // What is on its way is no news; what waits is.
  if (!count || !away) return null;
  return (
    <p className="quiet" role="status">
      {count === 1 ? 'One note' : `${count} notes`} of practice kept in this browser, waiting for
      the server.
    </p>
  );
}

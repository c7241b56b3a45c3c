import { Alert } from 'antd';
import { useWaiting } from '../items/sending';

/** What was practised is in this browser alone until the server has it. */
export function WaitingNote() {
  const { count, refused } = useWaiting();
  if (refused !== undefined) {
    return (
      <Alert
        type="warning"
        title="The book did not take what was practised"
        description={refused}
      />
    );
  }
  if (!count) return null;
  return (
    <p className="quiet" role="status">
      {count === 1 ? 'One note' : `${count} notes`} of practice kept in this browser, waiting for
      the server.
    </p>
  );
}

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { api } from '../../api/client';
import { dayAndTime } from '../../ui/moments';
import { useNow } from '../base/useNow';
import { resumeSession, useSession } from '../session/sessionStore';

const KEY = ['practice sessions'];
/** What was left longer ago is not taken up again, in ms. */
const TOO_LONG = 36 * 3_600_000;

/** A session that was begun in another browser, or in this one before it forgot, and never ended. */
export function UnfinishedSession() {
  const queries = useQueryClient();
  const { data = [] } = useQuery({
    queryKey: KEY,
    queryFn: () => api.sessions(),
    refetchOnMount: 'always',
  });
  const ended = useSession((state) => state.ended);
  const now = useNow();
  const left = data.find(
    ({ id, ended: at, begun }) => at === undefined && id !== ended?.id && now - begun < TOO_LONG,
  );
  if (!left) return null;
  const end = async (): Promise<void> => {
    await api.saveSession({ ...left, ended: now }).catch(() => undefined);
    await queries.invalidateQueries({ queryKey: KEY });
  };
  return (
    <p className="session-left" role="status">
      A session of {dayAndTime(left.begun)} was not ended: {left.at} of {left.steps.length} steps.{' '}
      <Button
        size="small"
        type="primary"
        onClick={() => {
          resumeSession(left);
        }}
      >
        Continue it
      </Button>{' '}
      <Button size="small" onClick={() => void end()}>
        End it
      </Button>
    </p>
  );
}

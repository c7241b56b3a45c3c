import { Button } from 'antd';
import { useNewVersion } from './newVersion';

/** A newer version waits: the page goes on as it is until its player asks for it. */
export function NewVersionNote() {
  const takeUp = useNewVersion((state) => state.takeUp);
  if (!takeUp) return null;
  return (
    <span className="quiet" role="status">
      A new version is ready.{' '}
      <Button size="small" type="link" onClick={takeUp}>
        Reload
      </Button>
    </span>
  );
}

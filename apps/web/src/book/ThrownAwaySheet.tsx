import type { ThrownAway, ThrownAwayKind } from '@drop-close/core';
import { Alert, Button, Drawer } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { dayAndTime } from '../ui/moments';

const KEY = ['trash'];

/** What was thrown away in the last thirty days, to be put back. */
export function ThrownAwaySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Drawer open={open} onClose={onClose} size={460} title="Thrown away" destroyOnHidden>
      <p className="quiet">What is thrown away waits here for thirty days.</p>
      <ThrownAwayList />
    </Drawer>
  );
}

function ThrownAwayList() {
  const queries = useQueryClient();
  const trash = useQuery({ queryKey: KEY, queryFn: api.trash, refetchOnMount: 'always' });
  const restore = useMutation({
    mutationFn: ({ kind, id }: ThrownAway) => RESTORE[kind](id),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (trash.error) return <Failed error={trash.error} />;
  if (!trash.data) return <p className="quiet">Looking…</p>;
  if (!trash.data.length) return <p>Nothing is thrown away.</p>;
  return (
    <>
      {restore.error && <Failed error={restore.error} />}
      <ul className="thrown-away" aria-label="Thrown away">
        {trash.data.map((thing) => (
          <li key={thing.id}>
            <span>
              <b>{thing.name}</b>{' '}
              <span className="quiet">
                {KIND_NAMES[thing.kind]}
                {thing.ofTune !== null && ` of “${thing.ofTune}”`}, {dayAndTime(thing.at)}
              </span>
            </span>
            <Button
              size="small"
              aria-label={`Put back: ${thing.name}`}
              onClick={() => {
                restore.mutate(thing);
              }}
            >
              Put back
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

const Failed = ({ error }: { error: Error }) => (
  <Alert type="warning" title="That did not work" description={error.message} />
);

const RESTORE: Readonly<Record<ThrownAwayKind, (id: string) => Promise<unknown>>> = {
  tune: api.restoreTune,
  arrangement: api.restoreArrangement,
  set: api.restoreSet,
  solo: api.restoreSolo,
  lick: api.restoreLick,
  entry: api.restoreEntry,
};

const KIND_NAMES: Readonly<Record<ThrownAwayKind, string>> = {
  tune: 'tune',
  arrangement: 'arrangement',
  set: 'set',
  solo: 'solo line',
  lick: 'lick',
  entry: 'entry of the logbook',
};

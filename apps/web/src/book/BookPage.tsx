import { PlusOutlined } from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Button } from 'antd';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { TuneFields, TuneGlance } from '../api/types';
import { TuneRow } from './TuneRow';
import './book.css';

const BLANK: TuneFields = {
  title: 'New tune',
  text: '[A]\n| Dm7 G7 | Cmaj7 |',
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
};

/** The tunes: open one, begin one, throw one away and take that back. */
export function BookPage() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { notification } = App.useApp();
  const tunes = useQuery({ queryKey: ['tunes'], queryFn: api.tunes, refetchOnMount: 'always' });
  const refresh = () => queries.invalidateQueries({ queryKey: ['tunes'] });
  const failed = (error: Error): void => {
    notification.error({ title: 'That did not go through', description: error.message });
  };

  const create = useMutation({
    mutationFn: () => api.createTune(BLANK),
    onSuccess: (tune) => navigate(`/tune/${tune.id}/chart`),
    onError: failed,
  });
  const restore = useMutation({
    mutationFn: (id: string) => api.restoreTune(id),
    onSuccess: refresh,
    onError: failed,
  });
  const remove = useMutation({
    mutationFn: (tune: TuneGlance) => api.deleteTune(tune.id),
    onSuccess: async (_, tune) => {
      await refresh();
      const undo = (): void => {
        restore.mutate(tune.id);
        notification.destroy(tune.id);
      };
      notification.open({
        key: tune.id,
        title: `“${tune.title}” is out of the book`,
        actions: <Button onClick={undo}>Put it back</Button>,
        duration: 12,
      });
    },
    onError: failed,
  });

  return (
    <main className="page book">
      <div className="book-head">
        <h1>The book</h1>
        <Button
          type="primary"
          icon={<PlusOutlined aria-hidden />}
          loading={create.isPending}
          onClick={() => {
            create.mutate();
          }}
        >
          New tune
        </Button>
      </div>
      {tunes.isError && (
        <Alert
          type="warning"
          title="The book cannot be opened just now"
          description={tunes.error.message}
          action={<Button onClick={() => void tunes.refetch()}>Try again</Button>}
        />
      )}
      {tunes.isPending && <p className="quiet">Opening the book…</p>}
      {tunes.data?.length === 0 && (
        <p className="quiet">The book is empty. Begin with a new tune and type its changes.</p>
      )}
      {!!tunes.data?.length && (
        <table className="book-table">
          <thead>
            <tr>
              <th scope="col">Tune</th>
              <th scope="col">Form</th>
              <th scope="col">Key</th>
              <th scope="col">Feel</th>
              <th scope="col">Tempo</th>
              <th scope="col">
                <span className="unseen">Take out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {tunes.data.map((tune) => (
              <TuneRow
                key={tune.id}
                tune={tune}
                onRemove={() => {
                  remove.mutate(tune);
                }}
              />
            ))}
          </tbody>
        </table>
      )}
    </main>
  );
}

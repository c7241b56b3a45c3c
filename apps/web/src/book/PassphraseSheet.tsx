import { Alert, App, Button, Drawer, Form, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, useServer } from '../api/client';
import { forgetAnswers } from '../local/answers';

const KEY = ['door'];

/** The one passphrase of the book: set, changed, taken off; and this browser locked. */
export function PassphraseSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Drawer open={open} onClose={onClose} size={460} title="Passphrase" destroyOnHidden>
      <Passphrase onDone={onClose} />
    </Drawer>
  );
}

interface Fields {
  readonly passphrase?: string;
  readonly current?: string;
}

function Passphrase({ onDone }: { onDone: () => void }) {
  const { data } = useQuery({ queryKey: KEY, queryFn: api.door, refetchOnMount: 'always' });
  const queries = useQueryClient();
  const { notification } = App.useApp();
  const [failure, setFailure] = useState<string>();
  if (!data) return <p className="quiet">Looking…</p>;
  const attempt = async (work: () => Promise<unknown>, done: string): Promise<void> => {
    try {
      await work();
      await queries.invalidateQueries({ queryKey: KEY });
      notification.success({ title: done });
      onDone();
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  const set = ({ passphrase = '', current }: Fields): Promise<void> =>
    attempt(
      () => api.setPassphrase({ passphrase, ...(current !== undefined && { current }) }),
      'The book has a new passphrase',
    );
  const lock = async (): Promise<void> => {
    await api.leave();
    await forgetAnswers();
    useServer.setState({ locked: true });
  };
  return (
    <Form layout="vertical" onFinish={(fields: Fields) => void set(fields)}>
      <p className="quiet">
        {data.locked
          ? 'The book asks every browser for its passphrase once; it is remembered for 30 days.'
          : 'Everyone on this machine can open the book. With a passphrase only those who know it can; it is needed before other machines are let in. A forgotten one can only be taken off on this machine, with scripts/forget-passphrase.'}
      </p>
      {data.locked && (
        <Form.Item label="Passphrase now" name="current">
          <Input.Password autoComplete="current-password" />
        </Form.Item>
      )}
      <Form.Item
        label="New passphrase, at least 12 characters"
        name="passphrase"
        rules={[{ min: 12, required: true, message: 'At least 12 characters' }]}
      >
        <Input.Password autoComplete="new-password" />
      </Form.Item>
      {failure !== undefined && <Alert type="warning" title={failure} />}
      <div className="door-tools">
        <Button type="primary" htmlType="submit">
          Set the passphrase
        </Button>
        {data.locked && <TakeOff attempt={attempt} />}
        {data.locked && <Button onClick={() => void lock()}>Lock this browser now</Button>}
      </div>
    </Form>
  );
}

function TakeOff({
  attempt,
}: {
  attempt: (work: () => Promise<unknown>, done: string) => Promise<void>;
}) {
  const form = Form.useFormInstance<Fields>();
  return (
    <Button
      onClick={() => {
        const passphrase = form.getFieldValue('current') as string | undefined;
        void attempt(
          () => api.takePassphraseOff({ passphrase: passphrase ?? '' }),
          'The book has no passphrase any more',
        );
      }}
    >
      Remove the passphrase
    </Button>
  );
}

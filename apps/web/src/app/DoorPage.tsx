import { Alert, Button, Form, Input } from 'antd';
import { useState } from 'react';
import { api, useServer } from '../api/client';

/** The book has a passphrase: nothing is shown until it is entered. */
export function DoorPage() {
  const [failure, setFailure] = useState<string>();
  const [busy, setBusy] = useState(false);
  const enter = async (passphrase: string): Promise<void> => {
    setBusy(true);
    try {
      await api.enter({ passphrase });
      useServer.setState({ locked: false });
    } catch (error) {
      setFailure((error as Error).message);
      setBusy(false);
    }
  };
  return (
    <main className="page">
      <h1>This book has a passphrase</h1>
      <Form
        layout="vertical"
        className="door"
        onFinish={({ passphrase = '' }: { passphrase?: string }) => void enter(passphrase)}
      >
        <Form.Item label="Passphrase" name="passphrase">
          <Input.Password autoComplete="current-password" autoFocus />
        </Form.Item>
        {failure !== undefined && <Alert type="warning" title={failure} />}
        <Button type="primary" htmlType="submit" loading={busy}>
          Open the book
        </Button>
        <p className="quiet">
          Forgotten? Whoever sits at the machine Drop Close runs on can remove it there with
          scripts/forget-passphrase.
        </p>
      </Form>
    </main>
  );
}

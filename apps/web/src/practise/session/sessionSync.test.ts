import type { SessionView } from '@drop-close/core';
import { api } from '../../api/client';
import { beginSession, session, useSession } from './sessionStore';
import { keepSession } from './sessionSync';

jest.mock('../../api/client', () => {
  class Refusal extends Error {}
  const server = { subscribe: jest.fn(() => () => undefined) };
  return { api: { createSession: jest.fn(), saveSession: jest.fn() }, Refusal, useServer: server };
});

const answers = () => new Promise((done) => setTimeout(done, 0));
const PART = { kind: 'rest', minutes: 5 } as const;

beforeEach(() => {
  jest.clearAllMocks();
  useSession.setState({ session: undefined, ended: undefined, waiting: [] });
});

it('the end of a session is sent also where it is put away before the last step has arrived', async () => {
  let arrive: ((view: SessionView) => void) | undefined;
  jest
    .mocked(api.createSession)
    .mockImplementation(() => new Promise((resolve) => (arrive = resolve)));
  jest
    .mocked(api.saveSession)
    .mockImplementation((view) => Promise.resolve({ ...view, version: view.version + 1 }));
  const stop = keepSession();
  beginSession({ kind: 'due' }, [PART, PART]);
  await answers();
  const { session: begun } = useSession.getState();
  // On its way still, while the player ends it and puts it away.
  session.end();
  session.close();
  arrive!({ ...begun!, version: 1 });
  await answers();
  await answers();
  expect(api.saveSession).toHaveBeenCalledTimes(1);
  const [[last]] = jest.mocked(api.saveSession).mock.calls as [[SessionView]];
  expect(last).toMatchObject({ id: begun!.id, version: 1 });
  expect(last.ended).toEqual(expect.any(Number));
  stop();
});

it('a session that ended while the server was away arrives with the one that was begun after it', async () => {
  jest.mocked(api.createSession).mockRejectedValue(new Error('The server does not answer.'));
  const stop = keepSession();
  beginSession({ kind: 'due' }, [PART]);
  session.end();
  session.close();
  beginSession({ kind: 'due' }, [PART, PART]);
  await answers();
  expect(useSession.getState().waiting).toHaveLength(2);
  stop();
  // The page is loaded again, and the server is there.
  jest
    .mocked(api.createSession)
    .mockImplementation((view) => Promise.resolve({ ...view, id: view.id ?? '', version: 1 }));
  jest.mocked(api.createSession).mockClear();
  const stopAgain = keepSession();
  await answers();
  await answers();
  const sent = jest
    .mocked(api.createSession)
    .mock.calls.map(([{ steps, ended }]) => [steps.length, ended !== undefined]);
  expect(sent).toEqual([
    [1, true],
    [2, false],
  ]);
  expect(useSession.getState().waiting).toEqual([]);
  expect(useSession.getState().session?.version).toBe(1);
  stopAgain();
});

import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { connect } from 'node:net';
import { statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { House, processFile, processes, until } from './house';

const house = new House('closed', 4715);

beforeAll(async () => {
  await house.raze();
  await house.open();
}, 120_000);
afterAll(() => house.raze(), 60_000);

/** The processes of the house's database. */
const database = (): number[] => {
  const first = house.databasePid();
  const parentOf = (pid: number): number =>
    Number(/^PPid:\s+(\d+)/m.exec(processFile(pid, 'status'))?.[1]);
  return processes((pid) => pid === first || parentOf(pid) === first);
};

it('the database has no port, and its socket lies where nobody else gets', async () => {
  const socket = connect({ host: '127.0.0.1', port: 5432 });
  const outcome = await new Promise((heard) => {
    socket.once('connect', () => {
      heard('connected');
    });
    socket.once('error', () => {
      heard('refused');
    });
  });
  expect(outcome).toBe('refused');
  expect(statSync(join(house.folder, 'book/socket')).mode & 0o777).toBe(0o700);
});

it('the role of the application is no superuser and makes no databases and roles', async () => {
  await house.close();
  const said = house.sql(
    "select rolsuper, rolcreatedb, rolcreaterole, rolreplication, rolbypassrls from pg_roles where rolname = 'dropclose'",
  );
  expect(said.trim()).toBe('f|f|f|f|f');
  await house.open();
}, 300_000);

it('a database that stands still is said to be away within ten seconds, and the book goes on after it', async () => {
  const frozen = database();
  expect(frozen.length).toBeGreaterThan(3);
  for (const pid of frozen) process.kill(pid, 'SIGSTOP');
  let answer: Response | undefined;
  void house.get('/tunes').then((response) => (answer = response));
  try {
    await until(() => answer !== undefined, 10_000);
  } finally {
    for (const pid of frozen) process.kill(pid, 'SIGCONT');
  }
  expect(answer?.status).toBe(503);
  expect(await answer?.json()).toMatchObject({
    detail: 'The database does not answer; nothing you sent was stored.',
  });
  await until(async () => (await house.get('/tunes')).ok);
}, 300_000);

it('other machines are not let in without a passphrase', async () => {
  const server = spawn('node', ['apps/server/dist/main.js'], {
    cwd: resolve(__dirname, '..'),
    env: { ...house.serverEnvironment(), DROP_CLOSE_HOST: '0.0.0.0', DROP_CLOSE_PORT: '4716' },
  });
  let said = '';
  server.stderr.on('data', (text: Buffer) => (said += text.toString()));
  const [code] = (await once(server, 'exit')) as [number];
  expect(code).toBe(1);
  expect(said).toContain('DROP_CLOSE_HOST lets other machines in, and the book has no passphrase');
}, 300_000);

it('a passphrase that is forgotten is taken off by whoever has the folder, while it runs', async () => {
  const passphrase = 'slack water at nine';
  expect((await house.send('PUT', '/door', { passphrase })).ok).toBe(true);
  await until(async () => (await house.get('/tunes')).status === 401);
  expect(house.run('scripts/forget-passphrase')).toContain('The book has no passphrase now');
  await until(async () => (await house.get('/tunes')).ok);
}, 300_000);

import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { House, ROUNDS, until } from './house';

const house = new House('start', 4710);
const beside = new House('start', 4711);

beforeAll(() => house.raze(), 60_000);
afterEach(async () => {
  await beside.close();
  await house.close();
});
afterAll(() => house.raze(), 60_000);

const titles = async (at: House): Promise<string[]> =>
  ((await (await at.get('/tunes')).json()) as { title: string }[]).map(({ title }) => title);

const FIRST_STARTS = Math.ceil(ROUNDS / 3);
it(`a first start that is killed at any moment leaves nothing in the way of the next: ${FIRST_STARTS} rounds`, async () => {
  for (let round = 0; round < FIRST_STARTS; round += 1) {
    await house.raze();
    house.begin();
    // From the making of the cluster to the loading of the demo tunes and beyond.
    await new Promise((done) => setTimeout(done, 300 + (round * 6000) / FIRST_STARTS));
    house.kill('start', 'server', 'database');
    await house.open();
    expect(await titles(house)).toHaveLength(12);
    await house.close();
  }
}, 3_600_000);

it('a server or database that is killed comes back by itself', async () => {
  await house.open();
  for (const what of [['server'], ['database'], ['server', 'database']] as const) {
    house.kill(...what);
    await until(async () => {
      const answer = await house.get('/tunes').catch(() => undefined);
      return answer?.ok ?? false;
    });
  }
}, 600_000);

it('a second start on another port leaves the first alone, and lives on without it', async () => {
  await house.open();
  await beside.open();
  expect(await titles(house)).toEqual(await titles(beside));
  await house.close();
  expect(await titles(beside)).toHaveLength(12);
  await beside.close();
}, 600_000);

it('a second start on the same port says that the first is running, and where', async () => {
  await house.open();
  const again = new House('start', 4710);
  again.begin();
  await until(() => again.said.includes('Drop Close is running at http://127.0.0.1:4710'));
  expect(await titles(house)).toHaveLength(12);
}, 600_000);

it('a server that outlived its start is taken over', async () => {
  await house.open();
  house.kill('start');
  const next = new House('start', 4710);
  next.begin();
  await until(() => next.said.includes('A server from before is still running'));
  await until(() => next.said.includes('Drop Close is at'));
  expect(await titles(next)).toHaveLength(12);
  await next.close();
}, 600_000);

/** Something that answers at the port of the house. @returns once it does */
async function listener(): Promise<ChildProcess> {
  const script =
    "require('http').createServer((_, answer) => answer.writeHead(404).end()).listen(4710, '127.0.0.1', () => console.log('listens'))";
  const listening = spawn(process.execPath, ['-e', script]);
  await once(listening.stdout, 'data');
  return listening;
}

it('a server that was killed and answers to its last moment is not in the way', async () => {
  // The kernel forgets a killed server's words some ms before it closes its port.
  const dying = await listener();
  setTimeout(() => dying.kill('SIGKILL'), 500);
  await house.open();
  expect(await titles(house)).toHaveLength(12);
  await house.close();
}, 600_000);

it('something else that answers at the port is named and left alone', async () => {
  const other = await listener();
  await expect(house.open()).rejects.toThrow(
    'Something else answers at http://127.0.0.1:4710. Set DROP_CLOSE_PORT for another port.',
  );
  expect(other.exitCode).toBeNull();
  expect(other.signalCode).toBeNull();
  other.kill();
}, 600_000);

it('a stale pid file costs no innocent process', async () => {
  await house.open();
  await house.close();
  const innocent = spawn('sleep', ['600']);
  const file = join(house.folder, 'book/db/postmaster.pid');
  writeFileSync(file, `${innocent.pid}\n${house.folder}/book/db\n`);
  writeFileSync(join(house.folder, 'server-4710.pid'), `${innocent.pid} ${innocent.pid}\n`);
  await house.open();
  expect(await titles(house)).toHaveLength(12);
  await house.close();
  expect(innocent.exitCode).toBeNull();
  expect(innocent.signalCode).toBeNull();
  innocent.kill();
}, 600_000);

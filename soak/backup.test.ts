import { mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { House } from './house';

const house = new House('backup', 4713);
const elsewhere = new House('restored', 4714);

beforeAll(async () => {
  await house.raze();
  await elsewhere.raze();
  await house.open();
}, 120_000);
afterAll(async () => {
  await house.raze();
  await elsewhere.raze();
}, 60_000);

/** Everything the API tells of a book, by the path that is asked, as it comes. */
async function wholeBook(at: House): Promise<Record<string, string>> {
  const book: Record<string, string> = {};
  const read = async (path: string): Promise<string> =>
    (book[path] = await (await at.get(path)).text());
  const tunes = JSON.parse(await read('/tunes')) as { id: string }[];
  for (const path of ['/sets', '/licks', '/profile', '/trash']) await read(path);
  for (const path of ['/practice/log', '/practice/sessions']) await read(path);
  const items = JSON.parse(await read('/practice/items')) as { item: string }[];
  for (const { item } of items) await read(`/practice/notes?item=${encodeURIComponent(item)}`);
  for (const { id } of tunes) {
    await read(`/tunes/${id}`);
    await read(`/tunes/${id}/solos`);
    const moments = JSON.parse(await read(`/tunes/${id}/history`)) as { at: string }[];
    for (const { at: moment } of moments) await read(`/tunes/${id}/history/${moment}`);
  }
  return book;
}

const said = (run: () => string): string => {
  try {
    return run();
  } catch (error) {
    return String((error as { stderr: Buffer }).stderr);
  }
};

it('a backup taken while it runs is the same book, byte for byte, in another folder', async () => {
  const tunes = (await (await house.get('/tunes')).json()) as { id: string }[];
  const [first, second] = [tunes[0]!, tunes[1]!];
  const tune = (await (await house.get(`/tunes/${first.id}`)).json()) as Record<string, unknown>;
  const { title, text, key, meter, feel, version } = tune;
  await house.send('PUT', `/tunes/${first.id}`, {
    ...{ title, text, key, meter, feel, version },
    tempo: 99,
  });
  await house.send('DELETE', `/tunes/${second.id}`);
  const [set] = (await (await house.get('/sets')).json()) as [{ id: string }];
  await house.send('POST', '/jobs/parts', {
    ...{ setId: set.id, kind: 'lead sheet', readers: ['concert'], numbers: false },
  });
  const before = await wholeBook(house);
  const file = join(house.folder, 'taken.backup');
  expect(house.run('backup', file)).toContain(`The book is in ${file}`);
  expect(statSync(file).mode & 0o077).toBe(0);

  expect(elsewhere.run('restore', file)).toContain('The book is back: 11 tunes.');
  await elsewhere.open();
  expect(await wholeBook(elsewhere)).toEqual(before);
  // What was made of the book can be made again.
  expect(await (await house.get('/jobs')).json()).toHaveLength(1);
  expect(await (await elsewhere.get('/jobs')).json()).toEqual([]);
  expect(Object.keys(before).length).toBeGreaterThan(40);
}, 180_000);

it('a book that is there is not restored over', () => {
  const file = join(house.folder, 'taken.backup');
  expect(said(() => house.run('restore', file))).toContain('There is a book in');
});

it.each([
  ['a file that is no backup', 'not.backup', 'is no backup of a book, or not a whole one'],
  ['a file that is not there', 'none.backup', 'There is no file'],
])('%s is refused in words', (_, name, words) => {
  const file = join(house.folder, name);
  if (name.startsWith('not')) writeFileSync(file, 'Hello');
  expect(said(() => elsewhere.run('restore', file))).toContain(words);
});

it('one is taken each day by itself, and the last seven are kept', async () => {
  await house.close();
  const folder = join(house.folder, 'backups');
  mkdirSync(folder, { recursive: true });
  for (const name of readdirSync(folder)) rmSync(join(folder, name));
  for (let day = 10; day < 19; day += 1) {
    writeFileSync(join(folder, `nightly-2001-01-${day}.backup`), '');
  }
  await house.open();
  await new Promise((done) => setTimeout(done, 4000));
  const nightly = readdirSync(folder).filter((name) => name.startsWith('nightly'));
  if (new Date().getHours() < 3) return;
  expect(nightly).toHaveLength(7);
  const latest = nightly.sort().at(-1)!;
  expect(latest).not.toContain('2001');
  expect(statSync(join(folder, latest)).size).toBeGreaterThan(10_000);
}, 120_000);

it('one is taken before a newer version changes the tables', async () => {
  await house.close();
  const undo = "delete from mikro_orm_migrations where name = 'Migration20261129History'";
  const drop =
    'drop trigger tune_history on tune; drop trigger arrangement_history on arrangement; drop function keep_earlier_version; drop table earlier_version; alter table arrangement drop column deleted_at';
  house.sql(`${drop}; ${undo}`);
  await house.open();
  expect(house.said).toContain('A backup is taken before the book is brought up');
  const folder = join(house.folder, 'backups');
  expect(readdirSync(folder).some((name) => name.startsWith('before-update'))).toBe(true);
}, 120_000);

it('a server older than its database does not start, and says why', async () => {
  await house.close();
  house.sql("insert into mikro_orm_migrations (name) values ('Migration20990101Future')");
  house.begin();
  await new Promise<void>((done) => {
    const look = setInterval(() => {
      if (!house.said.includes('could not be loaded')) return;
      clearInterval(look);
      done();
    }, 100);
  });
  expect(house.said).toContain('opened by a newer Drop Close (Migration20990101Future)');
}, 120_000);

import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { TuneView } from '../src/tunes/tune.views';
import { createTune, problemOf, tuneBody, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const create = (change?: object) => createTune(api, change);
const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Does it again and again, a few milliseconds apart, until some work is done. */
async function meanwhile(work: Promise<unknown>, act: () => Promise<unknown>): Promise<void> {
  const over = work.then(() => true);
  while (!(await Promise.race([over, wait(7)]))) await act();
}

/** Ends every connection to this database but the one that says so. */
const END_OTHERS = `select pg_terminate_backend(pid) from pg_stat_activity
  where datname = current_database() and pid <> pg_backend_pid()`;

describe('a database that is away', () => {
  it('that holds a lock is not waited for without end: the answer says so', async () => {
    const { id } = await create();
    const other = orm.em.fork();
    await other.begin();
    await other
      .getConnection()
      .execute('lock table tune', [], 'run', other.getTransactionContext());
    const response = await api
      .put(`/api/tunes/${id}`)
      .send(tuneBody({ title: 'Neap', version: 1 }));
    await other.rollback();
    expect(response.status).toBe(503);
    expect(problemOf(response).detail).toBe(
      'The database does not answer; nothing you sent was stored.',
    );
    expect((await api.get(`/api/tunes/${id}`)).body).toMatchObject({ title: 'Slack Water' });
  }, 20_000);

  it('that ends every connection again and again is told as away, and keeps what it said it kept', async () => {
    const { id } = await create();
    const READ = [`tunes/${id}`, 'tunes', 'sets', 'practice/items', 'licks'].map(
      (at) => `/api/${at}`,
    );
    const written = new Map<string, { readonly status: number; readonly detail: string }>();
    const statuses: number[] = [];
    const ask = async (round: number, at: number): Promise<void> => {
      await wait(at % 6);
      const title = at % 3 === 0 ? `Ebb ${round} ${at}` : undefined;
      const answer = await (title === undefined
        ? api.get(READ[at % READ.length]!)
        : api.post('/api/tunes').send(tuneBody({ title })));
      const { status } = answer;
      statuses.push(status);
      if (title !== undefined) {
        written.set(title, { status, detail: status < 400 ? '' : problemOf(answer).detail });
      }
    };
    for (let round = 0; round < 6; round++) {
      const all = Promise.all(Array.from({ length: 24 }, (_, at) => ask(round, at)));
      await meanwhile(all, () => orm.em.getConnection().execute(END_OTHERS).catch(String));
    }
    expect(statuses).toHaveLength(144);
    expect(statuses.filter((status) => ![200, 201, 503].includes(status))).toEqual([]);
    expect(statuses.filter((status) => status === 503).length).toBeGreaterThan(5);

    const { body } = await api.get('/api/tunes').expect(200);
    const inBook = new Set((body as readonly TuneView[]).map(({ title }) => title));
    const wrong = [...written].filter(([title, { status, detail }]) =>
      detail.includes('look whether it is there') ? false : inBook.has(title) !== (status === 201),
    );
    expect(written.size).toBe(48);
    expect(wrong).toEqual([]);
  }, 60_000);
});

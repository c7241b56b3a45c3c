import type { ListedTune, SoloView } from '@drop-close/core';
import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createTune, nothingMarked, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const create = (title: string) => createTune(api, { title });
const found = async (search: string): Promise<string[]> => {
  const { body } = await api.get('/api/tunes').query({ search }).expect(200);
  return (body as ListedTune[]).map(({ title }) => title);
};

describe('the search of titles', () => {
  beforeAll(async () => {
    for (const title of ['Früh am Kai', 'Kai Wall, 100% wet', 'Night_boat', 'Nightboat', 'ΝΗΣΟΣ'])
      await create(title);
  });

  it.each([
    ['kai', ['Früh am Kai', 'Kai Wall, 100% wet']],
    ['KAI fruh', ['Früh am Kai']],
    ['früh', ['Früh am Kai']],
    ['ght', ['Night_boat', 'Nightboat']],
    ['t_b', ['Night_boat']],
    ['100%', ['Kai Wall, 100% wet']],
    ['νησο', ['ΝΗΣΟΣ']],
    ['\\', []],
    ['   ', ['Früh am Kai', 'Kai Wall, 100% wet', 'Night_boat', 'Nightboat', 'ΝΗΣΟΣ']],
  ])('%j finds %j', async (search, titles) => {
    expect((await found(search)).sort()).toEqual([...titles].sort());
  });

  it.each([
    ['too long a text', 'search', 'x'.repeat(121)],
    ['a character that cannot be stored', 'search', '\u0000'],
    ['two texts', 'search[]', 'x'],
  ])('refuses %s in words', async (_, name, value) => {
    const twice = name.endsWith('[]')
      ? `search=${value}&search=y`
      : `search=${encodeURIComponent(value)}`;
    const { body } = await api.get(`/api/tunes?${twice}`).expect(400);
    expect(body).toMatchObject({
      errors: [{ path: 'search', message: 'search should be one text of up to 120 characters' }],
    });
  });

  it('goes by an index in a long book', async () => {
    const run = <T>(sql: string) => orm.em.getConnection().execute(sql) as Promise<T[]>;
    await run(`
      insert into tune (id, title, text, key, meter, tempo, feel, version, created_at, updated_at)
      select gen_random_uuid(), 'Berth ' || md5(n::text), '', 'C', '4/4', 120, 'swing', 1, now(), now()
      from generate_series(1, 10000) n`);
    await run('analyze tune');
    const plan = await run<{ 'QUERY PLAN': string }>(
      `explain select title from tune where deleted_at is null and searched like plain_letters('%nightboat%')`,
    );
    expect(plan.map((line) => line['QUERY PLAN']).join('\n')).toContain('tune_searched');
    expect(await found('nightboat')).toEqual(['Nightboat']);
    await run(`delete from tune where title like 'Berth %'`);
  });
});

describe('the list says when a tune was changed last', () => {
  const changedAt = async (id: string): Promise<number> => {
    const { body } = await api.get('/api/tunes').expect(200);
    const { changedAt: at } = (body as ListedTune[]).find((tune) => tune.id === id)!;
    return Date.parse(at);
  };

  it('also where only an arrangement or a solo line of it was', async () => {
    const { id, arrangements } = await create('Low water');
    const times = [await changedAt(id)];
    const note = async () => times.push(await changedAt(id));
    const { id: first, version } = arrangements[0]!;
    const setup = { name: 'Other', setup: nothingMarked, version };
    await api.put(`/api/arrangements/${first}`).send(setup).expect(200);
    await note();
    const notes = [{ midi: 60, at: 0, length: 240, velocity: 80 }];
    const line = { name: 'Chorus', line: { written: true, notes } };
    const made = await api.post(`/api/tunes/${id}/solos`).send(line).expect(201);
    await note();
    const solo = made.body as SoloView;
    await api
      .put(`/api/solos/${solo.id}`)
      .send({ ...line, name: 'Second', version: solo.version })
      .expect(200);
    await note();
    await api.delete(`/api/solos/${solo.id}`).expect(204);
    await note();
    expect(new Set(times).size).toBe(5);
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
});

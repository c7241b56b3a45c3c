import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type supertest from 'supertest';
import type { ProblemDetails } from '../src/problem/problem';
import type { SetView } from '../src/sets/set.views';
import { TuneEntity } from '../src/tunes/tune.entity';
import type { TuneView } from '../src/tunes/tune.views';
import { SummariesService } from '../src/tunes/summaries.service';
import { startServer } from './server';

let app: NestExpressApplication;
let orm: MikroORM;
let api: ReturnType<typeof supertest>;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const BLUES = '| F7 | Bb7 | F7 | % | Bb7 | % | F7 | D7 | Gm7 | C7 | F7 | C7 |';
const tune = async (title: string, text = '| Dm7 G7 | Cmaj7 |'): Promise<TuneView> => {
  const body = { title, text, key: 'F', meter: '4/4', tempo: 120, feel: 'swing' };
  return (await api.post('/api/tunes').send(body).expect(201)).body as TuneView;
};
const set = async (name: string, tuneIds: string[] = []): Promise<SetView> =>
  (await api.post('/api/sets').send({ name, tuneIds }).expect(201)).body as SetView;
const NOBODY = '00000000-0000-4000-8000-000000000000';

describe('sets', () => {
  it('keep tunes in playing order, a tune more than once as well', async () => {
    const [a, b] = [await tune('Aft'), await tune('Bow')];
    const made = await set('First set', [b.id, a.id, b.id]);
    const { body } = await api.get('/api/sets').expect(200);
    expect(body).toContainEqual({
      id: made.id,
      name: 'First set',
      tuneIds: [b.id, a.id, b.id],
      version: 1,
    });
  });

  it('are saved in another order, and refuse a stale save with both versions', async () => {
    const [a, b] = [await tune('Aft'), await tune('Bow')];
    const made = await set('Second set', [a.id, b.id]);
    const order = { name: 'Second set', tuneIds: [b.id, a.id], version: 1 };
    const saved = await api.put(`/api/sets/${made.id}`).send(order).expect(200);
    expect(saved.body).toMatchObject({ tuneIds: [b.id, a.id], version: 2 });
    const stale = await api
      .put(`/api/sets/${made.id}`)
      .send({ ...order, tuneIds: [] })
      .expect(409);
    expect(stale.body).toMatchObject({ theirs: { version: 2 } });
  });

  it('are thrown away and put back', async () => {
    const made = await set('Third set');
    await api.delete(`/api/sets/${made.id}`).expect(204);
    const gone = (await api.get('/api/sets')).body as SetView[];
    expect(gone.map(({ id }) => id)).not.toContain(made.id);
    await api.post(`/api/sets/${made.id}/restore`).expect(200);
    const back = (await api.get('/api/sets')).body as SetView[];
    expect(back.map(({ id }) => id)).toContain(made.id);
  });

  it.each([
    [{ name: '', tuneIds: [] }, 'name'],
    [{ name: 'x'.repeat(81), tuneIds: [] }, 'name'],
    [{ name: 'A', tuneIds: ['no id'] }, 'tuneIds'],
    [{ name: 'A', tuneIds: 'none' }, 'tuneIds'],
    [{ name: 'A', tuneIds: [], more: 1 }, 'more'],
  ])('refuse %j, naming the field', async (body, path) => {
    const problem = (await api.post('/api/sets').send(body).expect(400)).body as ProblemDetails;
    expect(problem.errors?.[0]?.path).toBe(path);
  });

  it('that are not there say so', async () => {
    const answer = await api
      .put(`/api/sets/${NOBODY}`)
      .send({ name: 'A', tuneIds: [], version: 1 })
      .expect(404);
    expect((answer.body as ProblemDetails).detail).toBe(`There is no set with the id "${NOBODY}".`);
  });
});

describe('what the book knows of a tune', () => {
  it('is its home key, its form by name and the landmarks in it', async () => {
    const { id } = await tune('Bilge', BLUES);
    const body = (await api.get(`/api/tunes/${id}`).expect(200)).body as TuneView;
    expect(body).toMatchObject({ homeKey: 'F major', formName: 'twelve-bar blues in F', bars: 12 });
    expect(body.landmarks).toEqual(expect.arrayContaining(['12-bar blues', 'ii–V–I']));
  });

  it('is made anew for tunes from before there was a summary', async () => {
    const { id } = await tune('Old', BLUES);
    const connection = orm.em.getConnection();
    await connection.execute('update tune set summary = null where id = ?', [id]);
    await app.get(SummariesService).refresh();
    const listed = ((await api.get('/api/tunes')).body as TuneView[]).find((t) => t.id === id);
    expect(listed).toMatchObject({ homeKey: 'F major', version: 1 });
    const kept = await orm.em.fork().findOneOrFail(TuneEntity, { id });
    expect(kept.summary?.homeKey).toBe('F major');
  });

  it('follows every save', async () => {
    const { id } = await tune('Keel', BLUES);
    const fields = { title: 'Keel', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
    const text = '| Cmaj7 | Fm7 Bb7 | Cmaj7 | % |';
    await api
      .put(`/api/tunes/${id}`)
      .send({ ...fields, text, version: 1 })
      .expect(200);
    await app.get(SummariesService).settled();
    const list = (await api.get('/api/tunes')).body as TuneView[];
    const found = list.find((each) => each.id === id);
    expect(found).toMatchObject({ homeKey: 'C major', formName: '', version: 2 });
    expect(found?.landmarks).toContain('backdoor');
  });
});

it('a tune is copied with its arrangements, and the copy goes its own way', async () => {
  const made = await tune('Windlass');
  const copy = (await api.post(`/api/tunes/${made.id}/copy`).expect(201)).body as TuneView;
  expect(copy).toMatchObject({ title: 'Windlass (copy)', text: made.text, version: 1 });
  expect(copy.id).not.toBe(made.id);
  expect(copy.arrangements).toHaveLength(1);
  expect(copy.arrangements[0]?.id).not.toBe(made.arrangements[0]?.id);
});

import type { LickFields } from '@drop-close/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type supertest from 'supertest';
import type { LickView } from '../src/licks/lick.views';
import type { ProblemDetails } from '../src/problem/problem';
import { startServer } from './server';

let app: NestExpressApplication;
let api: ReturnType<typeof supertest>;

beforeAll(async () => {
  ({ app, api } = await startServer());
});
afterAll(() => app.close());

const LICK: LickFields = { name: 'Call', key: 'Bb', notes: 'r F4 Ab4 Bb4q', answer: '..xo----' };
const lick = async (change: Partial<LickFields> = {}): Promise<LickView> =>
  (
    await api
      .post('/api/licks')
      .send({ ...LICK, ...change })
      .expect(201)
  ).body as LickView;
const listed = async (): Promise<LickView[]> => (await api.get('/api/licks')).body as LickView[];

describe('the phrase bank', () => {
  it('keeps licks as they are written', async () => {
    const made = await lick();
    expect(await listed()).toContainEqual({ ...LICK, id: made.id, version: 1 });
  });
  it('saves a lick again, and refuses a stale save with both versions', async () => {
    const { id } = await lick();
    const body = { ...LICK, notes: 'C4 D4', version: 1 };
    const saved = await api.put(`/api/licks/${id}`).send(body).expect(200);
    expect(saved.body).toMatchObject({ notes: 'C4 D4', version: 2 });
    // The same once more is a save whose answer was lost.
    await api.put(`/api/licks/${id}`).send(body).expect(200);
    const other = { ...body, notes: 'E4 F4' };
    const stale = await api.put(`/api/licks/${id}`).send(other).expect(409);
    expect(stale.body).toMatchObject({ theirs: { version: 2 } });
  });
  it('throws a lick away and puts it back', async () => {
    const { id } = await lick();
    await api.delete(`/api/licks/${id}`).expect(204);
    expect((await listed()).map((each) => each.id)).not.toContain(id);
    await api.post(`/api/licks/${id}/restore`).expect(200);
    expect((await listed()).map((each) => each.id)).toContain(id);
  });
  it('says what is wrong with notes, key and answer, field by field', async () => {
    const wrong = { ...LICK, key: 'H', notes: 'C4 H4', answer: '..z' };
    const { body } = await api.post('/api/licks').send(wrong).expect(400);
    const { errors = [] } = body as ProblemDetails;
    const messages = Object.fromEntries(errors.map(({ path, message }) => [path, message]));
    expect(messages['key']).toMatch('key must be a root, as Bb');
    expect(messages['notes']).toMatch('“H4”, number 2');
    expect(messages['answer']).toMatch('answer must be of the signs');
  });
});

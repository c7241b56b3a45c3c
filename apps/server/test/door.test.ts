import type { NestExpressApplication } from '@nestjs/platform-express';
import type supertest from 'supertest';
import { problemOf, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;

beforeAll(async () => {
  ({ app, api } = await startServer());
});
afterAll(() => app.close());

const PASSPHRASE = 'slack water at nine';
const cookieOf = (response: supertest.Response): string =>
  (response.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
const enter = (passphrase: string) => api.post('/api/door/enter').send({ passphrase });

describe('a book without a passphrase', () => {
  it('is open to everyone on this machine', async () => {
    expect((await api.get('/api/door').expect(200)).body).toEqual({ locked: false, open: true });
    await api.get('/api/tunes').expect(200);
  });

  it('takes none that is short, and says how long one is', async () => {
    const response = await api.put('/api/door').send({ passphrase: 'short' }).expect(400);
    expect(problemOf(response).errors).toEqual([
      { path: 'passphrase', message: 'passphrase should have at least 12 characters' },
    ]);
  });
});

describe('a book with a passphrase', () => {
  let cookie = '';

  beforeAll(async () => {
    cookie = cookieOf(await api.put('/api/door').send({ passphrase: PASSPHRASE }).expect(204));
  });

  it('is closed to who has not entered: every address but health and the door', async () => {
    const { body } = await api.get('/api/docs-json').expect(200);
    const paths = Object.entries((body as { paths: Record<string, object> }).paths);
    let closed = 0;
    for (const [path, methods] of paths) {
      if (path === '/api/health' || path === '/api/door' || path === '/api/door/enter') continue;
      for (const method of Object.keys(methods) as ('get' | 'put' | 'post' | 'delete')[]) {
        const address = path.replaceAll(/\{\w+\}/g, '00000000-0000-4000-8000-000000000000');
        const response = await api[method](address).send(method === 'get' ? undefined : {});
        expect([path, method, response.status]).toEqual([path, method, 401]);
        closed += 1;
      }
    }
    expect(closed).toBeGreaterThan(25);
    await api.get('/api/health').expect(200);
    expect((await api.get('/api/door')).body).toEqual({ locked: true, open: false });
  });

  it('opens to who knows it, by a cookie that no script and no other page gets', async () => {
    const entered = await enter(PASSPHRASE).expect(204);
    expect((entered.headers['set-cookie'] as unknown as string[])[0]).toMatch(
      /^drop-close-session=[\w-]{43}; Max-Age=2592000; Path=\/; Expires=[^;]+; HttpOnly; SameSite=Strict$/,
    );
    await api.get('/api/tunes').set('Cookie', cookieOf(entered)).expect(200);
  });

  it('stays closed to who does not, and to a session that was left', async () => {
    expect(problemOf(await enter('slack water at ten').expect(403)).detail).toBe(
      'That is not the passphrase of this book.',
    );
    await api.get('/api/tunes').set('Cookie', 'drop-close-session=guess').expect(401);
    const mine = cookieOf(await enter(PASSPHRASE));
    await api.post('/api/door/leave').set('Cookie', mine).expect(204);
    await api.get('/api/tunes').set('Cookie', mine).expect(401);
  });

  it('gets another one only from who knows the one it has; other sessions end', async () => {
    const other = cookieOf(await enter(PASSPHRASE));
    const set = (body: object) => api.put('/api/door').set('Cookie', cookie).send(body);
    await set({ passphrase: 'spring tide at dawn' }).expect(403);
    const changed = { passphrase: 'spring tide at dawn', current: PASSPHRASE };
    cookie = cookieOf(await set(changed).expect(204));
    await api.get('/api/tunes').set('Cookie', other).expect(401);
    await api.get('/api/tunes').set('Cookie', cookie).expect(200);
  });

  it('is open again once it is taken off', async () => {
    const take = (passphrase: string) =>
      api.delete('/api/door').set('Cookie', cookie).send({ passphrase });
    await take('wrong, all wrong').expect(403);
    await take('spring tide at dawn').expect(204);
    await api.get('/api/tunes').expect(200);
  });

  it('is not guessed at: after some tries it waits', async () => {
    for (let count = 0; count < 14; count += 1) await enter('guess');
    const { status, body } = await enter('guess');
    expect(status).toBe(429);
    expect(body).toMatchObject({
      detail: 'That was asked too often; try again in 60 seconds.',
    });
  });
});

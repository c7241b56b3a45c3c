import type { NestExpressApplication } from '@nestjs/platform-express';
import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { problemOf, tuneBody, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;
/** A built web application of one page and one file. */
const web = mkdtempSync(join(tmpdir(), 'drop-close-web-'));

beforeAll(async () => {
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<p>Drop Close</p>');
  writeFileSync(join(web, 'assets/app.js'), '1');
  ({ app, api } = await startServer({ webRoot: web }));
});
afterAll(() => app.close());

describe('who may ask', () => {
  it.each(['localhost', '127.0.0.1:4680', '[::1]:4680', 'LOCALHOST:1'])(
    'under the name %s it answers',
    async (host) => {
      await api.get('/api/health').set('Host', host).expect(200);
    },
  );

  it.each(['evil.example', '127.0.0.1.evil.example', 'localhost.evil.example:4680', ''])(
    'under the name "%s" it does not: a page elsewhere may have taken it',
    async (host) => {
      const response = await api.get('/api/tunes').set('Host', host);
      expect(response.status === 421 || response.status === 400).toBe(true);
    },
  );

  it('changes nothing for another page, and says so', async () => {
    const send = (headers: Record<string, string>) =>
      api
        .post('/api/tunes')
        .set({ Host: 'localhost:4680', ...headers })
        .send(tuneBody());
    await send({}).expect(201);
    await send({ Origin: 'http://localhost:4680' }).expect(201);
    for (const headers of [
      { Origin: 'http://evil.example' },
      { Origin: 'http://localhost:9999' },
      { Origin: 'null' },
      { 'Sec-Fetch-Site': 'cross-site' },
    ]) {
      const response = await send(headers as unknown as Record<string, string>);
      expect(response.status).toBe(403);
      expect(problemOf(response).detail).toBe(
        'Only pages of this server can change what is in the book.',
      );
    }
  });

  it('changes nothing for a form of another page, whose body says it is text', async () => {
    const response = await api
      .post('/api/tunes')
      .type('text/plain')
      .send(JSON.stringify(tuneBody()));
    expect(response.status).toBe(400);
  });
});

describe('what an answer tells of the machine', () => {
  it.each([
    ['a file that is not there', '/assets/../../../etc/passwd'],
    ['an asset that is not there', '/assets/none.js'],
    ['an asset with a broken name', '/assets/%00.js'],
    ['a broken address', '/assets/%E0%A4%A'],
  ])('%s: no path of it', async (_, path) => {
    const response = await api.get(path);
    expect(response.status).toBeGreaterThanOrEqual(400);
    expect(response.status).toBeLessThan(500);
    expect(response.text).not.toContain(web);
    expect(response.text).not.toMatch(/node_modules|\/src\/|at .*:\d+:\d+/);
  });

  it('every answer has a reference, and a problem quotes it', async () => {
    const response = await api.get('/api/tunes/twelve').expect(400);
    expect(problemOf(response).reference).toMatch(/^[0-9a-f]{8}$/);
    expect(response.headers['x-request-id']).toBe(problemOf(response).reference);
  });

  it('says how the server fares', async () => {
    const { body } = await api.get('/api/figures').expect(200);
    expect(body).toMatchObject({ failed: 0, work: { waiting: 0 } });
    expect((body as { refused: number }).refused).toBeGreaterThan(0);
  });

  it('sends headers that keep other pages out', async () => {
    const { headers } = await api.get('/').expect(200);
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['x-powered-by']).toBeUndefined();
  });
});

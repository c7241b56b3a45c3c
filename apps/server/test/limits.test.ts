import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { TuneView } from '../src/tunes/tune.views';
import { createTune, nothingMarked, problemOf, tuneBody, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const create = (change?: object) => createTune(api, change);
const sent = (json: string) => api.post('/api/tunes').type('json').send(json);

describe('characters that cannot be stored', () => {
  it.each([
    ['title', '\u0000', 'NUL'],
    ['text', '\u0000', 'NUL'],
    ['title', '\u001b', 'control character U+001B'],
  ])('in the %s (%j) are refused there, in words', async (field, character, name) => {
    const response = await api.post('/api/tunes').send(tuneBody({ [field]: `Slack${character}` }));
    expect(response.status).toBe(400);
    expect(problemOf(response).errors).toEqual([
      {
        path: field,
        message: `holds a character that cannot be stored (${name}) after 5 others: delete it`,
      },
    ]);
  });

  it('are refused also as half of a pair, and deep in an arrangement', async () => {
    const half = await sent(JSON.stringify(tuneBody()).replace('Slack Water', 'Slack\\ud834'));
    expect(problemOf(half).errors?.[0]).toMatchObject({ path: 'title' });
    const { id } = await create();
    const comp = {
      ...nothingMarked.comp,
      devices: [{ symbol: 'C\u0000' }],
    };
    const deep = await api
      .post(`/api/tunes/${id}/arrangements`)
      .send({ name: 'x', setup: { ...nothingMarked, comp } });
    expect(problemOf(deep).errors?.[0]?.path).toBe('setup.comp.devices.0.symbol');
  });

  it('leave the tune as it was, and it is saved once they are gone', async () => {
    const { id } = await create();
    const save = (text: string) => api.put(`/api/tunes/${id}`).send(tuneBody({ text, version: 1 }));
    await save('| C\u0000 |').expect(400);
    await save('| C |').expect(200);
  });

  it('are not signs, accents, other scripts or characters of two halves', async () => {
    const title = 'Ærø – 夜の船 𝄋';
    expect((await create({ title })).title).toBe(title);
  });
});

describe('a body within its size that is too much work', () => {
  it.each([
    ['a list of 300,000', { places: { transposed: 0, sections: Array(300_000).fill({}) } }],
    [
      'lists in a list',
      {
        places: {
          transposed: 0,
          sections: Array.from({ length: 150 }, () => ({ id: 'a', bars: Array(200).fill({}) })),
        },
      },
    ],
  ])('%s is refused before its items are checked', async (_, change) => {
    const response = await api.post('/api/tunes').send(tuneBody(change));
    expect(response.status).toBe(400);
    expect(problemOf(response).errors).toHaveLength(1);
    expect(problemOf(response).errors?.[0]?.message).toMatch(/should have up to/);
  });

  it('half a million brackets are refused', async () => {
    const brackets = `${'['.repeat(450_000)}${']'.repeat(450_000)}`;
    const response = await sent(`{"title":${brackets}}`);
    expect(response.status).toBe(400);
    expect(problemOf(response).errors?.[0]?.message).toBe('is nested more than 24 deep');
  });

  it('wrong fields are named up to a number, so that the answer is short', async () => {
    const bars = Array.from({ length: 300 }, () => ({}));
    const places = { transposed: 0, sections: [{ id: 'a', bars }] };
    const response = await api.post('/api/tunes').send(tuneBody({ places }));
    expect(problemOf(response).errors).toHaveLength(20);
    expect(JSON.stringify(response.body).length).toBeLessThan(3000);
  });

  it('a large one is checked to the last field beside the others', async () => {
    const { id, arrangements } = await create();
    const hit = { pass: 0, chorus: 0, at: 0, length: 9, hold: 'short', touch: 'plain' };
    const hits = (accent: unknown) =>
      Array.from({ length: 1500 }, (_, at) => ({ ...hit, bar: `b${at}`, accent }));
    const save = (accent: unknown) => ({
      name: 'Full',
      setup: { ...nothingMarked, comp: { ...nothingMarked.comp, hits: hits(accent) } },
      version: 1,
    });
    const put = `/api/arrangements/${arrangements[0]!.id}`;
    const wrong = await api.put(put).send(save('yes')).expect(400);
    expect(problemOf(wrong).errors?.[0]?.path).toBe('setup.comp.hits.0.accent');
    await api.put(put).send(save(true)).expect(200);
    const { body } = await api.get(`/api/tunes/${id}`).expect(200);
    expect((body as TuneView).arrangements[0]?.setup.comp.hits).toHaveLength(1500);
  });
});

describe('what goes out in one answer', () => {
  /** Puts one after the other until one is refused. @returns the refusal, and how many there were room for */
  const fill = async (path: string, body: (n: number) => object) => {
    for (let n = 0; n < 60; n += 1) {
      const response = await api.post(path).send(body(n));
      if (response.status === 413) return { detail: problemOf(response).detail, fitted: n };
      expect(response.status).toBe(201);
    }
    throw new Error('never full');
  };
  const bytes = async (path: string): Promise<number> =>
    (await api.get(path).expect(200)).text.length;

  it('stays under 1 MB with a tune full of arrangements, also when one comes back', async () => {
    const { id, arrangements } = await create({ text: `| ${'C '.repeat(24_000)}|` });
    const hit = {
      pass: 0,
      chorus: 0,
      at: 0,
      length: 9,
      hold: 'short',
      touch: 'plain',
      accent: true,
    };
    const hits = Array.from({ length: 1500 }, (_, at) => ({ ...hit, bar: `b${at}` }));
    const setup = { ...nothingMarked, comp: { ...nothingMarked.comp, hits } };
    const path = `/api/tunes/${id}/arrangements`;
    const { detail, fitted } = await fill(path, (n) => ({ name: `${n}`, setup }));
    expect(detail).toMatch(
      /^A tune and its arrangements may take up to 780 kB together; this would make it \d+ kB\. Throw one of them away first\.$/,
    );
    expect(fitted).toBeGreaterThan(2);
    expect(await bytes(`/api/tunes/${id}`)).toBeLessThan(1_000_000);

    // One is thrown away, another takes its place, and the first does not fit any more.
    const thrown = (await api.get(path)).body as { id: string }[];
    await api.delete(`/api/arrangements/${thrown[1]!.id}`).expect(204);
    await api.post(path).send({ name: 'In its place', setup }).expect(201);
    await api.post(`/api/arrangements/${thrown[1]!.id}/restore`).expect(413);
    const { body } = await api.get(`/api/arrangements/${arrangements[0]!.id}`).expect(200);
    const grown = { name: 'Grown', setup, version: (body as { version: number }).version };
    await api.put(`/api/arrangements/${arrangements[0]!.id}`).send(grown).expect(413);
    expect(await bytes(`/api/tunes/${id}`)).toBeLessThan(1_000_000);
  });

  it('has twenty arrangements of a tune at most, one that comes back among them', async () => {
    const { id, arrangements } = await create();
    const path = `/api/tunes/${id}/arrangements`;
    const post = () => api.post(path).send({ name: 'Another', setup: nothingMarked });
    for (let count = 2; count <= 20; count += 1) await post().expect(201);
    expect(problemOf(await post().expect(409)).detail).toBe(
      'A tune has up to 20 arrangements; throw one away first.',
    );
    await api.delete(`/api/arrangements/${arrangements[0]!.id}`).expect(204);
    await post().expect(201);
    await api.post(`/api/arrangements/${arrangements[0]!.id}/restore`).expect(409);
  });

  it('goes out packed where it is long', async () => {
    const { id } = await create({ text: `| ${'C7 '.repeat(8000)}|` });
    const { headers } = await api.get(`/api/tunes/${id}`).set('accept-encoding', 'gzip');
    expect(headers['content-encoding']).toBe('gzip');
  });

  it.each([
    [
      'solo lines',
      'The solo lines of a tune',
      (id: string) => `/api/tunes/${id}/solos`,
      (n: number) => {
        const notes = Array.from({ length: 3000 }, (_, at) => {
          return { midi: 60, at: at * 240, length: 240, velocity: 80 };
        });
        return { name: `Chorus ${n}`, line: { written: false, notes } };
      },
    ],
    [
      'sets',
      'The sets of the book',
      () => '/api/sets',
      (n: number) => {
        const tuneIds = Array.from({ length: 500 }, () => '5f0c3c52-7a3e-4a53-9d4c-0a6a4b2f9d11');
        return { name: `Night ${n}`, tuneIds };
      },
    ],
  ])('stays under 1 MB with a book full of %s', async (_, name, path, body) => {
    const { id } = await create();
    expect((await fill(path(id), body)).detail).toMatch(new RegExp(`^${name} may take up to`));
    const size = await bytes(path(id));
    expect(size).toBeGreaterThan(500_000);
    expect(size).toBeLessThan(1_000_000);
  });

  it('stays under 1 MB with a book full of licks, and with a page of long titles', async () => {
    const lick = `insert into lick (id, name, key, notes, answer, version, created_at)
      select gen_random_uuid(), 'Lick', 'C', repeat('C4 ', 400), '', 1, now() from generate_series(1, 556)`;
    await orm.em.getConnection().execute(lick);
    const body = { name: 'One more', key: 'C', notes: 'C4 D4 '.repeat(100), answer: '' };
    expect(problemOf(await api.post('/api/licks').send(body).expect(413)).detail).toMatch(
      /^The licks of the book may/,
    );
    expect(await bytes('/api/licks')).toBeLessThan(1_000_000);
    // In a bank that is overfull, one that becomes no larger is saved; one that was thrown away does not come back.
    const [first, second, third] = (await api.get('/api/licks')).body as { id: string }[];
    const long = { ...body, notes: 'C4 '.repeat(400) };
    await api
      .put(`/api/licks/${first!.id}`)
      .send({ ...long, version: 1 })
      .expect(200);
    await api.delete(`/api/licks/${second!.id}`).expect(204);
    await api.delete(`/api/licks/${third!.id}`).expect(204);
    await api.post('/api/licks').send(long).expect(201);
    await api.post(`/api/licks/${second!.id}/restore`).expect(413);
    await api.delete(`/api/licks/${first!.id}`).expect(204);
    await api.post(`/api/licks/${second!.id}/restore`).expect(200);

    const { id } = await create();
    const page = `insert into tune (id, title, text, key, meter, tempo, feel, summary, version, created_at, updated_at)
      select gen_random_uuid(), rpad(n || ' ', 120, '船'), text, key, meter, tempo, feel, summary, 1, now(), now()
      from tune, generate_series(1, 600) n where id = '${id}'`;
    await orm.em.getConnection().execute(page);
    const list = await api.get('/api/tunes').expect(200);
    expect(list.body).toHaveLength(500);
    expect(Buffer.byteLength(list.text)).toBeLessThan(1_000_000);
    await orm.em
      .getConnection()
      .execute(`delete from tune where title like '%船%'; delete from lick`);
  });
});

describe('a chart that is too much', () => {
  it.each([
    ['20,000 chords in a bar repeated 500 times', `| ${'C '.repeat(20_000)}${'| % '.repeat(499)}|`],
    [
      '500 bars of ten chords',
      `| ${Array(500).fill('C7 F7 C7 F7 C7 F7 C7 F7 C7 F7').join(' | ')} |`,
    ],
    ['ten thousand sections', '[A]\n'.repeat(10_000)],
  ])('%s is kept as typed, and what is wrong is counted', async (_, text) => {
    const made = await create({ text });
    expect(made.text).toBe(text);
    expect(made.problems).toBeGreaterThan(0);
    await api.get(`/api/tunes/${made.id}`).expect(200);
  });

  it('is analysed beside the others: who asks meanwhile is answered first', async () => {
    const chords = ['Dm7', 'G7b9', 'Cmaj7', 'A7alt', 'Fm6', 'Bb7', 'Ebmaj7', 'Am7b5'];
    const bars = Array.from({ length: 250 }, (_, at) =>
      chords.map((_, i) => chords[(at * 3 + i * 5) % 8]).join(' '),
    );
    const order: string[] = [];
    const long = api
      .post('/api/tunes')
      .send(tuneBody({ text: `| ${bars.join(' | ')} |` }))
      .then(() => order.push('long'));
    await new Promise((resolve) => setTimeout(resolve, 50));
    for (const each of ['one', 'two', 'three']) {
      await api.get('/api/health').expect(200);
      order.push(each);
    }
    await long;
    expect(order).toEqual(['one', 'two', 'three', 'long']);
  });
});

describe('a save whose answer was lost', () => {
  it('is no conflict when it is sent again', async () => {
    const { id } = await create();
    const body = tuneBody({ title: 'Neap', version: 1 });
    await api.put(`/api/tunes/${id}`).send(body).expect(200);
    const again = await api.put(`/api/tunes/${id}`).send(body).expect(200);
    expect(again.body).toMatchObject({ title: 'Neap', version: 2 });
    await api
      .put(`/api/tunes/${id}`)
      .send({ ...body, title: 'Spring' })
      .expect(409);
  });

  it('is no conflict either when both are on their way at once', async () => {
    const { id } = await create();
    const body = tuneBody({ title: 'Neap', version: 1 });
    const saves = await Promise.all(
      Array.from({ length: 4 }, () => api.put(`/api/tunes/${id}`).send(body)),
    );
    expect(saves.map(({ status }) => status)).toEqual([200, 200, 200, 200]);
    expect((await api.get(`/api/tunes/${id}`)).body).toMatchObject({ version: 2 });
  });

  it('makes a tune once, however often it is sent with the id that its sender chose', async () => {
    const id = '5f0c3c52-7a3e-4a53-9d4c-0a6a4b2f9d11';
    const body = tuneBody({ title: 'Spring tide', id });
    const first = await api.post('/api/tunes').send(body).expect(201);
    const again = await api.post('/api/tunes').send(body).expect(201);
    expect(again.body).toEqual(first.body);
    await api
      .post('/api/tunes')
      .send({ ...body, tempo: 99 })
      .expect(409);
  });
});

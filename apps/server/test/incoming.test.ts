import type { NestExpressApplication } from '@nestjs/platform-express';
import { readPasted, type SoloView } from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import type { TuneView } from '../src/tunes/tune.views';
import { SummariesService } from '../src/tunes/summaries.service';
import { problemOf, tuneBody, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;

beforeAll(async () => {
  ({ app, api } = await startServer());
});
afterAll(() => app.close());

const tunes = async () => (await api.get('/api/tunes').expect(200)).body as { title: string }[];
const notes = [{ midi: 60, at: 0, length: 480, velocity: 80 }];

describe('several tunes at once', () => {
  it('come into the book with their lines, ready to be voiced', async () => {
    const text = 'Rope\n\nDm7 | G7\nC6 | C6\n\nChain\n\nGm7 | C7\nF6 | F6';
    const read = readPasted(text).tunes;
    const solos = [{ name: 'Tenor', line: { notes, written: true } }];
    const sent = read.map(({ fields }, at) => ({ ...fields, solos: at ? solos : [] }));
    const ids = (await api.post('/api/incoming').send({ tunes: sent }).expect(201))
      .body as string[];
    expect(ids).toHaveLength(2);
    const [rope, chain] = await Promise.all(
      ids.map(async (id) => (await api.get(`/api/tunes/${id}`)).body as TuneView),
    );
    expect([rope!.title, chain!.title]).toEqual(['Rope', 'Chain']);
    expect(rope!.arrangements).toHaveLength(1);
    const lines = (await api.get(`/api/tunes/${ids[1]}/solos`)).body as SoloView[];
    expect(lines.map(({ name, line }) => [name, line.notes])).toEqual([['Tenor', notes]]);
    await app.get(SummariesService).settled();
    const listed = await tunes();
    expect(listed.find(({ title }) => title === 'Chain')).toMatchObject({ homeKey: 'F major' });
  });

  it('sent twice are there once', async () => {
    const own = { ...tuneBody({ title: 'Twice' }), id: randomUUID(), solos: [] };
    const first = await api
      .post('/api/incoming')
      .send({ tunes: [own] })
      .expect(201);
    const second = await api
      .post('/api/incoming')
      .send({ tunes: [own] })
      .expect(201);
    expect(second.body).toEqual(first.body);
    expect((await tunes()).filter(({ title }) => title === 'Twice')).toHaveLength(1);
  });

  it('are all refused where one of them cannot be taken', async () => {
    const before = (await tunes()).length;
    const good = { ...tuneBody({ title: 'Good' }), solos: [] };
    const bad = { ...tuneBody({ title: 'Bad', key: 'H' }), solos: [] };
    const refused = await api
      .post('/api/incoming')
      .send({ tunes: [good, bad] })
      .expect(400);
    expect(problemOf(refused).errors).toEqual([
      {
        path: 'tunes.1.key',
        message: 'key should be a letter A to G, with b or # and m for minor, as Eb or F#m',
      },
    ]);
    // Together more than the lines of one tune may take.
    const long = Array.from({ length: 8 }, (_, line) => ({
      name: `Line ${line}`,
      line: {
        notes: Array.from({ length: 2050 }, (__, at) => ({ ...notes[0], at: at * 100 })),
        written: true,
      },
    }));
    const full = { ...good, solos: long };
    const over = await api
      .post('/api/incoming')
      .send({ tunes: [good, full] })
      .expect(413);
    expect(problemOf(over).detail).toMatch(/The solo lines of a tune may take up to/);
    expect(await tunes()).toHaveLength(before);
  });
});

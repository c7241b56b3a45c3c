import type { NestExpressApplication } from '@nestjs/platform-express';
import {
  readBook,
  writeBook,
  type BookTune,
  type SoloView,
  type WholeBook,
} from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import type { TuneView } from '../src/tunes/tune.views';
import { createTune, problemOf, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;

beforeAll(async () => {
  ({ app, api } = await startServer());
});
afterAll(() => app.close());

const notes = [{ midi: 60, at: 0, length: 480, velocity: 80 }];

/** A tune as an archive holds it. */
async function bookTune(id: string): Promise<BookTune> {
  const tune = (await api.get(`/api/tunes/${id}`).expect(200)).body as TuneView;
  const solos = (await api.get(`/api/tunes/${id}/solos`).expect(200)).body as SoloView[];
  const { title, text, places, key, meter, tempo, feel } = tune;
  return {
    ...{ id, title, text, places, key, meter, tempo, feel },
    arrangements: tune.arrangements.map(({ id: own, name, setup }) => ({ id: own, name, setup })),
    solos: solos.map(({ id: own, name, line, over }) => ({ id: own, name, line, over })),
  };
}
const put = ({ id, ...body }: BookTune) => api.put(`/api/book/tunes/${id}`).send(body);

async function tuneWithLine(): Promise<BookTune> {
  const { id } = await createTune(api, { title: 'Kept' });
  const solo = { name: 'Tenor', line: { notes, written: true } };
  await api.post(`/api/tunes/${id}/solos`).send(solo).expect(201);
  return bookTune(id);
}

describe('a tune from the archive of a book', () => {
  it('comes into an empty place as it was, through the archive and back', async () => {
    const kept = await tuneWithLine();
    const whole: WholeBook = {
      ...{ tunes: [kept], sets: [], licks: [], notes: [], sessions: [], entries: [] },
    };
    const read = readBook(writeBook(whole));
    if (!read.ok) throw new Error(read.problem);
    const [own] = read.value.book.tunes;
    // Under names of its own, as in another book.
    const fresh = {
      ...{ ...own!, id: randomUUID() },
      arrangements: own!.arrangements.map((each) => ({ ...each, id: randomUUID() })),
      solos: own!.solos.map((each) => ({ ...each, id: randomUUID() })),
    };
    await put(fresh).expect(204);
    expect(await bookTune(fresh.id)).toEqual(fresh);
  });

  it('goes over the one that is there; what hangs on that besides is thrown away', async () => {
    const kept = await tuneWithLine();
    const change = { ...kept, title: 'Changed', text: '| Am7 |', version: 1 };
    await api
      .put(`/api/tunes/${kept.id}`)
      .send({ ...change, places: undefined })
      .expect(400);
    const { id: _, arrangements: __, solos: ___, places: ____, ...fields } = change;
    await api.put(`/api/tunes/${kept.id}`).send(fields).expect(200);
    await api
      .post(`/api/tunes/${kept.id}/solos`)
      .send({ name: 'Another', line: { notes, written: true } })
      .expect(201);
    await put(kept).expect(204);
    expect(await bookTune(kept.id)).toEqual(kept);
    await put(kept).expect(204);
    expect(await bookTune(kept.id)).toEqual(kept);
  });

  it('that was thrown away is there again', async () => {
    const kept = await tuneWithLine();
    await api.delete(`/api/tunes/${kept.id}`).expect(204);
    await put(kept).expect(204);
    expect(await bookTune(kept.id)).toEqual(kept);
  });

  it('with an arrangement of another tune is refused, and nothing is changed', async () => {
    const [one, two] = [await tuneWithLine(), await tuneWithLine()];
    const mixed = { ...one, title: 'Mixed', arrangements: two.arrangements };
    const refused = await put(mixed).expect(400);
    expect(problemOf(refused).errors).toEqual([
      { path: 'arrangements.0.id', message: 'belongs to another tune of this book' },
    ]);
    expect(await bookTune(one.id)).toEqual(one);
    expect(await bookTune(two.id)).toEqual(two);
  });
});

it('sets and licks go where they were', async () => {
  const id = randomUUID();
  const set = { name: 'Friday', tuneIds: [randomUUID()], day: '2026-12-04' };
  await api.put(`/api/book/sets/${id}`).send(set).expect(204);
  await api.put(`/api/book/sets/${id}`).send(set).expect(204);
  const sets = (await api.get('/api/sets')).body as object[];
  expect(sets).toContainEqual(expect.objectContaining({ id, ...set }));
  const lick = { name: 'Call', key: 'Bb', notes: 'r F4 Ab4 Bb4', answer: '..xo' };
  await api.put(`/api/book/licks/${id}`).send(lick).expect(204);
  await api.put(`/api/book/licks/${id}`).send(lick).expect(204);
  const licks = (await api.get('/api/licks')).body as object[];
  expect(licks).toEqual([expect.objectContaining({ id, ...lick })]);
});

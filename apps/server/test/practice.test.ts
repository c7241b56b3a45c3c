import {
  A_DAY,
  GRADES,
  SESSIONS_A_PAGE,
  scheduleOf,
  type EntryFields,
  type EntryView,
  type NewSessionFields,
  type PracticeItemView,
  type PracticeNoteFields,
  type SessionView,
} from '@drop-close/core';
import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { randomUUID } from 'node:crypto';
import type supertest from 'supertest';
import { ItemsService } from '../src/practice/items/items.service';
import type { ProblemDetails } from '../src/problem/problem';
import { startServer } from './server';

let app: NestExpressApplication;
let api: ReturnType<typeof supertest>;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const NOW = Date.now();
const form = (inversion = 0): string => `form / drop2 / maj7 / 5432 / ${inversion} / C F Bb`;
const review = (item: string, daysAgo: number, grade = 'good'): PracticeNoteFields => ({
  ...{ id: randomUUID(), item, kind: 'review', at: NOW - daysAgo * A_DAY },
  grade: grade as (typeof GRADES)[number],
});
const add = async (...notes: PracticeNoteFields[]): Promise<PracticeItemView[]> =>
  (await api.post('/api/practice/notes').send({ notes }).expect(201)).body as PracticeItemView[];
const listed = async (): Promise<PracticeItemView[]> =>
  (await api.get('/api/practice/items').expect(200)).body as PracticeItemView[];
const problemOf = async (path: string, body: object): Promise<ProblemDetails> =>
  (await api.post(path).send(body).expect(400)).body as ProblemDetails;
const sql = (text: string, values: unknown[] = []): Promise<unknown[]> =>
  orm.em.fork().getConnection().execute(text, values);

async function madeTune(): Promise<string> {
  const tune = { title: 'T', text: '| C |', key: 'C', meter: '4/4', tempo: 100, feel: 'swing' };
  return ((await api.post('/api/tunes').send(tune).expect(201)).body as { id: string }).id;
}

describe('notes of practice', () => {
  it('make an item with the schedule that follows from them', async () => {
    const notes = [review(form(1), 9), { ...review(form(1), 4, 'easy'), tempo: 96 }];
    const [item] = await add(...notes);
    const own = notes.map((note) => ({ ...note, received: NOW }) as never);
    expect(item).toEqual({ item: form(1), ...scheduleOf(own) });
    expect(item).toMatchObject({ reviews: 2, tempo: 96, grade: 'easy' });
    expect(await listed()).toContainEqual(item);
  });
  it('count once, however often and from however many devices they come at once', async () => {
    const notes = Array.from({ length: 12 }, (_, at) => review(form(2), 24 - at * 2));
    await Promise.all(notes.flatMap((note) => [add(note), add(note)]));
    const [item] = (await listed()).filter((each) => each.item === form(2));
    const own = notes.map((note) => ({ ...note, received: NOW }) as never);
    expect(item).toEqual({ item: form(2), ...scheduleOf(own) });
  });
  it('of a chart by heart say where the player stands on its ladder, until the next one does', async () => {
    const item = `layer / memory / ${await madeTune()}`;
    const recalled = { rung: 'numbers only', missed: ['s3', 's7'] } as const;
    const [before] = await add({ ...review(item, 3), recalled });
    expect(before?.recalled).toEqual(recalled);
    const [after] = await add(review(item, 2));
    expect(after).toMatchObject({ reviews: 2, recalled });
    const wrong = { ...review(item, 1), recalled: { rung: 'roof', missed: [3] } };
    const { errors = [] } = await problemOf('/api/practice/notes', { notes: [wrong] });
    const paths = new Set(errors.map(({ path }) => path));
    expect([...paths].sort()).toEqual(['notes.0.recalled.missed', 'notes.0.recalled.rung']);
  });
  it('of a clock that runs ahead count when they arrive', async () => {
    const [item] = await add(review(form(3), -400));
    expect(item?.practisedAt).toBeLessThanOrEqual(Date.now());
    expect(item?.practisedAt).toBeGreaterThanOrEqual(NOW);
  });
  it('put an item to another day, and are taken back', async () => {
    const item = 'form / shell / 7 / 643 / 0 / A D G';
    const [before] = await add(review(item, 3));
    const due = NOW + 40 * A_DAY;
    const put = { id: randomUUID(), item, kind: 'put', at: NOW, due } as const;
    expect(await add(put)).toEqual([{ ...before, due }]);
    const back = { id: randomUUID(), item, kind: 'taken back', at: NOW, of: put.id } as const;
    expect(await add(back)).toEqual([before]);
    const notes = (await api.get('/api/practice/notes').query({ item }).expect(200)).body as [];
    expect(notes).toHaveLength(3);
  });
  it('of an item none of whose reviews stands leave nothing to practise', async () => {
    const slip = review('form / shell / 7 / 643 / 1 / A D G', 1);
    const { item, id } = slip;
    await add(slip, { id: randomUUID(), item, kind: 'taken back', at: NOW, of: id });
    expect((await listed()).map((each) => each.item)).not.toContain(item);
  });
  it('are never changed, not even in the database', async () => {
    await add(review(form(), 1));
    await expect(sql('update practice_note set grade = ?', ['easy'])).rejects.toThrow(
      'added and never changed',
    );
    await expect(sql('delete from practice_note')).rejects.toThrow('added and never changed');
  });
  it('are refused field by field where they are none', async () => {
    const wrong = { id: 'x', item: 'form / drop9', kind: 'review', at: -1, grade: 'perfect' };
    const { errors = [] } = await problemOf('/api/practice/notes', { notes: [wrong] });
    expect(errors.map(({ path }) => path).sort()).toEqual(
      ['at', 'grade', 'id', 'item'].map((field) => `notes.0.${field}`),
    );
    const item = errors.find(({ path }) => path === 'notes.0.item');
    expect(item?.message).toBe('"drop9" is no family of voicings.');
    const put = { ...review(form(), 0), kind: 'put' };
    expect((await problemOf('/api/practice/notes', { notes: [put] })).detail).toMatch(
      'notes.0.due',
    );
  });
});

describe('what is known', () => {
  it('is found again from the notes alone, item by item', async () => {
    const notes = Array.from({ length: 180 }, (_, at) =>
      review(form(at % 4), (at * 7) % 60, GRADES[(at * 5) % 4]),
    );
    const heart = `layer / memory / ${await madeTune()}`;
    await add(...notes, { ...review(heart, 5), recalled: { rung: 'blank', missed: [] } });
    const before = await listed();
    await sql('delete from practice_item');
    expect(await listed()).toEqual([]);
    await new ItemsService(orm.em.fork() as never).rebuild();
    expect(await listed()).toEqual(before);
  });
  it('says what is due, the longest due first, by one indexed query', async () => {
    await sql(`insert into practice_item (item, due, stability, difficulty, reviews, lapses, practised_at, grade)
      select 'form / close / ' || n, ${NOW} + n * 1000, 1, 5, 1, 0, ${NOW}, 'good' from generate_series(1, 2000) n`);
    await sql('analyze practice_item');
    const due = (
      await api
        .get('/api/practice/due')
        .query({ by: NOW + 3500 })
        .expect(200)
    ).body as PracticeItemView[];
    const times = due.map((each) => each.due);
    expect(times).toEqual([...times].sort((a, b) => a - b));
    expect(due.at(-1)?.item).toBe('form / close / 3');
    const plan = await sql(
      'explain select item from practice_item where due is not null and due <= ? order by due limit 500',
      [NOW + 3500],
    );
    expect(JSON.stringify(plan)).toMatch('practice_item_due');
    await sql("delete from practice_item where item like 'form / close / %'");
  });
  it('of a tune that is thrown away waits with it', async () => {
    const id = await madeTune();
    const item = `layer / roots / ${id}`;
    await add(review(item, 30));
    const names = async () => (await listed()).map((each) => each.item);
    expect(await names()).toContain(item);
    await api.delete(`/api/tunes/${id}`).expect(204);
    expect(await names()).not.toContain(item);
    await api.post(`/api/tunes/${id}/restore`).expect(200);
    expect(await names()).toContain(item);
  });
});

const ENTRY: EntryFields = { day: '2026-11-02', minutes: 12.5, what: 'Shells' };
const log = async (...entries: EntryFields[]): Promise<EntryView[]> =>
  (await api.post('/api/practice/log').send({ entries }).expect(201)).body as EntryView[];
const logged = async (before = ''): Promise<EntryView[]> =>
  (await api.get(`/api/practice/log${before}`).expect(200)).body as EntryView[];

describe('the logbook', () => {
  it('keeps entries as they are, the latest days first, and each once', async () => {
    const full: EntryFields = {
      ...{ ...ENTRY, id: randomUUID(), day: '2026-11-03', item: form(), tempo: 120 },
      ...{ key: 'Eb', grade: 'hard', notes: 'left hand late' },
    };
    const [first] = await log(full, ENTRY);
    expect(first).toEqual({ ...full, version: 1 });
    await log(full);
    expect((await logged()).map(({ day }) => day)).toEqual(['2026-11-03', '2026-11-02']);
  });
  it('gives the next page from the last entry of this one', async () => {
    const all = await logged();
    const rest = await logged(`?before=${all[0]!.id}`);
    expect(rest).toEqual(all.slice(1));
  });
  it('lets an entry be corrected, and refuses a stale correction with both', async () => {
    const [entry] = await log({ ...ENTRY, day: '2026-11-04', tempo: 90 });
    const { id } = entry!;
    const body = { ...ENTRY, minutes: 20, version: 1 };
    const saved = await api.put(`/api/practice/log/${id}`).send(body).expect(200);
    expect(saved.body).toEqual({ ...ENTRY, id, minutes: 20, version: 2 });
    const stale = await api
      .put(`/api/practice/log/${id}`)
      .send({ ...body, minutes: 5 })
      .expect(409);
    expect(stale.body).toMatchObject({ theirs: { minutes: 20 } });
  });
  it('lets an entry be thrown away and put back, also from among all that is thrown away', async () => {
    const [entry] = await log({ ...ENTRY, what: 'Slip' });
    const { id } = entry!;
    const there = async () => (await logged()).map((each) => each.id);
    await api.delete(`/api/practice/log/${id}`).expect(204);
    expect(await there()).not.toContain(id);
    const { body } = await api.get('/api/trash').expect(200);
    expect(body).toContainEqual(expect.objectContaining({ kind: 'entry', id, name: 'Slip' }));
    await api.post(`/api/practice/log/${id}/restore`).expect(200);
    expect(await there()).toContain(id);
  });
  it('says what is wrong with an entry, field by field', async () => {
    const wrong = { day: '2026-02-30', minutes: 0, what: '', tempo: 5, key: 'H', grade: 'fine' };
    const { errors = [] } = await problemOf('/api/practice/log', { entries: [wrong] });
    expect(errors.map(({ path }) => path.replace('entries.0.', '')).sort()).toEqual(
      ['day', 'grade', 'key', 'minutes', 'tempo', 'what'].sort(),
    );
  });
});

const SESSION: NewSessionFields = {
  aim: { kind: 'due' },
  steps: [
    { id: 's1', kind: 'due', item: form(), minutes: 2, seconds: 0, state: 'to come' },
    { id: 's2', kind: 'rest', minutes: 5, seconds: 0, state: 'to come' },
  ],
  at: 0,
  begun: NOW,
};

describe('a session', () => {
  it('is kept as it goes, and found again', async () => {
    const id = randomUUID();
    const made = (
      await api
        .post('/api/practice/sessions')
        .send({ ...SESSION, id })
        .expect(201)
    ).body as SessionView;
    expect(made).toEqual({ ...SESSION, id, version: 1 });
    // Sent twice, it is one.
    await api
      .post('/api/practice/sessions')
      .send({ ...SESSION, id })
      .expect(201);
    const later = { ...SESSION, at: 1, ended: NOW + 5, version: 1 };
    await api.put(`/api/practice/sessions/${id}`).send(later).expect(200);
    const sessions = (await api.get('/api/practice/sessions')).body as SessionView[];
    expect(sessions).toEqual([{ ...later, id, version: 2 }]);
  });

  it('is listed page by page, the latest first, each once', async () => {
    for (let at = 1; at <= 45; at += 1) {
      const body = { ...SESSION, id: randomUUID(), begun: NOW - Math.floor(at / 3) };
      await api.post('/api/practice/sessions').send(body).expect(201);
    }
    const listed: SessionView[] = [];
    for (let path = '/api/practice/sessions'; ;) {
      const page = (await api.get(path).expect(200)).body as SessionView[];
      listed.push(...page);
      if (page.length < SESSIONS_A_PAGE) break;
      path = `/api/practice/sessions?before=${page.at(-1)!.id}`;
    }
    expect(listed).toHaveLength(46);
    expect(new Set(listed.map(({ id }) => id)).size).toBe(46);
    const begun = listed.map((each) => each.begun);
    expect(begun).toEqual([...begun].sort((a, b) => b - a));
  });

  it('is refused where a step is of no kind or an item is none', async () => {
    const steps = [{ ...SESSION.steps[0]!, kind: 'nap', item: 'form' }];
    const { errors = [] } = await problemOf('/api/practice/sessions', { ...SESSION, steps });
    expect(errors.map(({ path }) => path)).toEqual(['steps.0.kind', 'steps.0.item']);
  });
});

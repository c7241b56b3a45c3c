import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { ThrownAway, TuneMoment, TuneThen, TuneView } from '@drop-close/core';
import type { ProblemDetails } from '../src/problem/problem';
import { UpkeepService } from '../src/upkeep/upkeep.service';
import { createTune, nothingMarked, tuneBody, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const create = (change?: object) => createTune(api, change);
const moments = async (id: string): Promise<string[]> =>
  ((await api.get(`/api/tunes/${id}/history`).expect(200)).body as TuneMoment[]).map(
    ({ at }) => at,
  );
const then = async (id: string, at: string): Promise<TuneThen> =>
  (await api.get(`/api/tunes/${id}/history/${at}`).expect(200)).body as TuneThen;
const run = (sql: string, values: unknown[] = []) =>
  orm.em.getConnection().execute(sql, values, 'run');

/** Lets a tune and all that is kept of it be older by so long, as `90 minutes`. */
async function age(id: string, by: string): Promise<void> {
  const older = `- interval '${by}'`;
  await run(`update tune set updated_at = updated_at ${older} where id = ?`, [id]);
  await run(`update arrangement set updated_at = updated_at ${older} where tune_id = ?`, [id]);
  await run(`update earlier_version set saved_at = saved_at ${older} where tune_id = ?`, [id]);
}

/** Saves the tune so long after the save before. */
async function saveLater(id: string, version: number, change: object, later: string) {
  await age(id, later);
  await api
    .put(`/api/tunes/${id}`)
    .send(tuneBody({ ...change, version }))
    .expect(200);
}

describe('the history of a tune', () => {
  it('holds every save that was more than a minute from the next, the latest first', async () => {
    const { id } = await create({ text: '| C6 |' });
    await saveLater(id, 1, { text: '| F6 |' }, '2 hours');
    await saveLater(id, 2, { text: '| Bb6 |', tempo: 90 }, '3 days');
    const all = await moments(id);
    const texts = await Promise.all(all.map(async (at) => (await then(id, at)).text));
    expect([...new Set(texts)]).toEqual(['| Bb6 |', '| F6 |', '| C6 |']);
    expect(await then(id, all[0]!)).toMatchObject({ tempo: 90 });
  });

  it('tells how it was at any moment between, and before the first', async () => {
    const { id } = await create({ text: '| C6 |' });
    await saveLater(id, 1, { text: '| F6 |' }, '7 days');
    const ago = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString();
    expect((await then(id, ago(3))).text).toBe('| C6 |');
    expect((await then(id, ago(30))).text).toBe('| C6 |');
    expect((await then(id, new Date().toISOString())).text).toBe('| F6 |');
  });

  it('keeps the last of saves within one minute', async () => {
    const { id } = await create({ text: '| C6 |' });
    await run(`update tune set updated_at = date_trunc('minute', now()) where id = ?`, [id]);
    for (const [at, text] of ['| F6 |', '| G6 |', '| A6 |'].entries()) {
      await run(`update tune set updated_at = date_trunc('minute', now()) + ? where id = ?`, [
        `${at} seconds`,
        id,
      ]);
      await api
        .put(`/api/tunes/${id}`)
        .send(tuneBody({ text, version: at + 1 }))
        .expect(200);
    }
    const kept = (await orm.em
      .getConnection()
      .execute(`select fields->>'text' as text from earlier_version where tune_id = ?`, [id])) as {
      text: string;
    }[];
    expect(kept.map(({ text }) => text)).toEqual(['| G6 |']);
  });

  it('holds arrangements too, each beside the tune as it was then', async () => {
    const { id, arrangements } = await create();
    await saveLater(id, 1, { tempo: 80 }, '1 day');
    await age(id, '1 day');
    await api
      .put(`/api/arrangements/${arrangements[0]!.id}`)
      .send({ name: 'Shells', setup: { ...nothingMarked, families: ['shell'] }, version: 1 })
      .expect(200);
    const [now, before, first] = await Promise.all((await moments(id)).map((at) => then(id, at)));
    expect(now).toMatchObject({ tempo: 80, arrangements: [{ name: 'Shells' }] });
    expect(before).toMatchObject({ tempo: 80, arrangements: [{ name: 'First arrangement' }] });
    expect(first).toMatchObject({ tempo: 120, arrangements: [{ name: 'First arrangement' }] });
  });

  it('is thinned with age: each minute of a day, each hour of a month, each day of a year', async () => {
    const { id } = await create();
    const keep = (ago: string) =>
      run(
        `insert into earlier_version (tune_id, saved_at, fields)
         select ?, date_trunc('hour', now()) - interval '${ago}', to_jsonb(tune) from tune where id = ?`,
        [id, id],
      );
    const agos = [
      '2 hours',
      '119 minutes',
      '118 minutes',
      '3 days',
      '4319 minutes',
      '4318 minutes',
    ];
    for (const ago of [...agos, '100 days', '2399 hours', '800 days', '801 days']) await keep(ago);
    await app.get(UpkeepService).run();
    const left = (await orm.em.getConnection().execute(
      `select round(extract(epoch from date_trunc('hour', now()) - saved_at) / 60)::int as minutes
         from earlier_version where tune_id = ? order by 1`,
      [id],
    )) as { minutes: number }[];
    const minutes = left.map((row) => row.minutes);
    expect(minutes.slice(0, 4)).toEqual([118, 119, 120, 4318]);
    expect(minutes.length).toBeLessThanOrEqual(8);
    expect(minutes.some((each) => each > 1_000_000)).toBe(true);
  });

  it('does not count what changes nothing: a summary made anew, a deletion taken back', async () => {
    const { id } = await create();
    await run('update tune set summary = null where id = ?', [id]);
    await app.get(UpkeepService).run();
    await api.delete(`/api/tunes/${id}`).expect(204);
    await api.post(`/api/tunes/${id}/restore`).expect(200);
    const kept = await orm.em
      .getConnection()
      .execute('select id from earlier_version where tune_id = ?', [id]);
    expect(kept).toEqual([]);
  });

  it('is asked for by moments, and says what one looks like', async () => {
    const { id } = await create();
    const response = await api.get(`/api/tunes/${id}/history/yesterday`).expect(400);
    expect((response.body as ProblemDetails).errors?.[0]?.message).toBe(
      '"yesterday" is no moment: it should be as 2026-11-29T18:30:00.000Z',
    );
  });
});

describe('what is thrown away', () => {
  const listed = async (): Promise<ThrownAway[]> =>
    (await api.get('/api/trash').expect(200)).body as ThrownAway[];

  it('is listed until it is put back: tunes, sets, licks, arrangements, solo lines', async () => {
    const tune = await create({ title: 'Hawser' });
    const gone = await create({ title: 'Bollard' });
    await api.delete(`/api/tunes/${gone.id}`).expect(204);
    const made = await api
      .post(`/api/tunes/${tune.id}/arrangements`)
      .send({ name: 'Second', setup: nothingMarked })
      .expect(201);
    const { id } = made.body as { id: string };
    await api.delete(`/api/arrangements/${id}`).expect(204);
    const all = await listed();
    expect(all).toContainEqual(
      expect.objectContaining({ kind: 'tune', name: 'Bollard', ofTune: null }),
    );
    expect(all).toContainEqual(
      expect.objectContaining({ kind: 'arrangement', name: 'Second', ofTune: 'Hawser' }),
    );
    await api.post(`/api/arrangements/${id}/restore`).expect(200);
    const { body } = await api.get(`/api/tunes/${tune.id}`).expect(200);
    expect((body as TuneView).arrangements.map(({ name }) => name)).toEqual([
      'First arrangement',
      'Second',
    ]);
    expect((await listed()).map((each) => each.name)).not.toContain('Second');
  });

  it('waits thirty days, and is gone after them', async () => {
    const old = await create({ title: 'Old rope' });
    const young = await create({ title: 'New rope' });
    for (const [id, days] of [
      [old.id, 31],
      [young.id, 29],
    ] as const) {
      await api.delete(`/api/tunes/${id}`).expect(204);
      await run(`update tune set deleted_at = now() - interval '${days} days' where id = ?`, [id]);
    }
    await app.get(UpkeepService).run();
    const names = (await listed()).map(({ name }) => name);
    expect(names).toContain('New rope');
    expect(names).not.toContain('Old rope');
    await api.post(`/api/tunes/${old.id}/restore`).expect(404);
    await api.post(`/api/tunes/${young.id}/restore`).expect(200);
  });

  it('is thrown away also while it is saved, and comes back with what was saved', async () => {
    const { id } = await create();
    const saves = ['| F6 |', '| G6 |', '| A6 |'].map((text) =>
      api.put(`/api/tunes/${id}`).send(tuneBody({ text, version: 1 })),
    );
    const [gone, ...saved] = await Promise.all([api.delete(`/api/tunes/${id}`), ...saves]);
    expect(gone.status).toBe(204);
    const text = (saved.find(({ status }) => status === 200)?.body as TuneView | undefined)?.text;
    const back = await api.post(`/api/tunes/${id}/restore`).expect(200);
    expect((back.body as TuneView).text).toBe(text ?? tuneBody().text);
  });

  it('is never the only arrangement of a tune', async () => {
    const { arrangements } = await create();
    const response = await api.delete(`/api/arrangements/${arrangements[0]!.id}`).expect(409);
    expect((response.body as ProblemDetails).detail).toBe(
      'This is the only arrangement of its tune; a tune keeps one.',
    );
  });
});

import type { TuneMoment, TuneThen } from '@drop-close/core';
import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { UpkeepService } from '../src/upkeep/upkeep.service';
import { createTune, tuneBody, type TestApi } from './builders';
import { startServer } from './server';

/** What is promised of the history, against a plain reckoning of it, over times by chance. */

const A_DAY = 86_400_000;
const AN_HOUR = A_DAY / 24;

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

/** Numbers from 0 up to 1, always the same for a seed (a linear congruence). */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

interface Kept {
  /** In ms since 1970, at most one a minute. */
  readonly at: number;
  readonly text: string;
}

/** A tune that is as it is now since `nowSince`, with versions kept from before. */
async function tuneWith(kept: readonly Kept[], nowSince: number): Promise<string> {
  const { id } = await createTune(api, { text: '| C6 | "now" |' });
  const run = (sql: string, values: unknown[]) => orm.em.getConnection().execute(sql, values);
  await run('update tune set updated_at = ? where id = ?', [new Date(nowSince), id]);
  await run('update arrangement set updated_at = ? where tune_id = ?', [new Date(nowSince), id]);
  for (const { at, text } of kept) {
    const fields = JSON.stringify({ ...tuneBody({ text }), places: null });
    const sql = 'insert into earlier_version (tune_id, saved_at, fields) values (?, ?, ?)';
    await run(sql, [id, new Date(at), fields]);
  }
  return id;
}

/** So many moments, at most one a minute, the latest first. */
function moments(count: number, next: () => number, age: (part: number) => number): Kept[] {
  const now = Date.now();
  const minutes = new Set(
    Array.from({ length: count }, () => Math.floor((now - age(next())) / 60_000)),
  );
  return [...minutes]
    .sort((a, b) => b - a)
    .map((minute) => ({ at: minute * 60_000, text: `| C6 | "${minute}" |` }));
}

const pageOf = async (id: string, before?: string): Promise<string[]> => {
  const { body } = await api.get(`/api/tunes/${id}/history`).query({ before }).expect(200);
  return (body as TuneMoment[]).map(({ at }) => at);
};

it('page after page, every moment that is kept comes once, the latest first', async () => {
  const kept = moments(700, numbers(11), (part) => part * 40 * A_DAY);
  const nowSince = Date.now() - 1000;
  const id = await tuneWith(kept, nowSince);
  const all: string[] = [];
  for (let page = await pageOf(id); page.length; page = await pageOf(id, page.at(-1))) {
    expect(page.length).toBeLessThanOrEqual(200);
    all.push(...page);
  }
  const wanted = [nowSince, ...kept.map(({ at }) => at)].map((at) => new Date(at).toISOString());
  expect(all).toEqual(wanted);
  expect(all.length).toBeGreaterThan(600);
});

it.each([1, 2, 3])(
  'at any moment a tune is as it had been saved last by then: 40 moments (seed %i)',
  async (seed) => {
    const next = numbers(seed * 7919);
    const kept = moments(30, next, (part) => (0.5 + part * 20) * A_DAY);
    const nowSince = Date.now() - 0.4 * A_DAY;
    const id = await tuneWith(kept, nowSince);
    for (let question = 0; question < 40; question += 1) {
      const at = Date.now() - next() * 25 * A_DAY;
      const before = kept.filter((version) => version.at <= at);
      const wanted = at >= nowSince ? '| C6 | "now" |' : (before[0] ?? kept.at(-1)!).text;
      const { body } = await api
        .get(`/api/tunes/${id}/history/${new Date(at).toISOString()}`)
        .expect(200);
      expect((body as TuneThen).text).toBe(wanted);
    }
  },
);

/** Of which stretch of age, in days, the last of what is kept: as the sheet of earlier versions says. */
const THINNED: readonly (readonly [from: number, to: number, of: (at: number) => number])[] = [
  [0, 1, (at) => at],
  [1, 30, (at) => Math.floor(at / AN_HOUR)],
  [30, 365, (at) => Math.floor(at / A_DAY)],
  // 1 January 1970 was a Thursday.
  [365, Infinity, (at) => Math.floor((at / A_DAY + 3) / 7)],
];

it.each([1, 2, 3])(
  'of the last day each minute is kept, of a month each hour, of a year each day, before that each week (seed %i)',
  async (seed) => {
    const next = numbers(seed * 104_729);
    const now = Date.now();
    // Away from the edges, which move while the test runs, and from leap years.
    const ages = [
      [0.01, 0.9],
      [2, 6],
      [32, 60],
      [370, 460],
    ] as const;
    const kept = ages.flatMap(([from, to]) =>
      moments(120, next, (part) => (from + part * (to - from)) * A_DAY),
    );
    const id = await tuneWith(kept, now - 60_000);
    await app.get(UpkeepService).run();
    const wanted = THINNED.flatMap(([from, to, of]) => {
      const own = kept.filter(({ at }) => now - at >= from * A_DAY && now - at < to * A_DAY);
      const last = new Map<number, number>();
      for (const { at } of own) last.set(of(at), Math.max(at, last.get(of(at)) ?? 0));
      return [...last.values()];
    }).sort((a, b) => b - a);
    const left: string[] = [];
    for (let page = await pageOf(id); page.length; page = await pageOf(id, page.at(-1)))
      left.push(...page);
    expect(left.slice(1)).toEqual(wanted.map((at) => new Date(at).toISOString()));
    expect(wanted.length).toBeLessThan(kept.length);
    await app.get(UpkeepService).run();
    expect(await pageOf(id)).toEqual(left.slice(0, 200));
  },
);

import {
  A_DAY,
  dayNumber,
  formPath,
  formRequest,
  itemKey,
  itemOf,
  makeEtude,
  rooms,
  type EntryView,
  type PracticeItemView,
} from '@drop-close/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { resolve } from 'node:path';
import type supertest from 'supertest';
import { loadPractice, nextOn, today } from '../src/demo/demoPractice';
import { readDemo, readDemoLog } from '../src/demo/readDemo';
import { ItemsService } from '../src/practice/items/items.service';
import { LogService } from '../src/practice/log/log.service';
import { startServer } from './server';

const DEMO = resolve(__dirname, '../../../demo');
const TEN_WEEKS = 70;

let app: NestExpressApplication;
let api: ReturnType<typeof supertest>;
let titles: readonly string[];
/** Ids that could be those of tunes. */
const idOf = (title: string): string | undefined => {
  const at = titles.indexOf(title);
  return at < 0 ? undefined : `00000000-0000-4000-8000-${String(at).padStart(12, '0')}`;
};

beforeAll(async () => {
  const server = await startServer();
  ({ app, api } = server);
  titles = (await readDemo(DEMO)).map(({ title }) => title);
  const [log, em] = [await readDemoLog(DEMO, today()), server.orm.em.fork()];
  await loadPractice(new ItemsService(em as never), new LogService(em as never), log, idOf);
});
afterAll(() => app.close());

describe('the logbook of the demo', () => {
  it('is of ten weeks that ended yesterday, whatever day it is', async () => {
    for (const day of ['2026-11-29', '2028-03-01']) {
      const days = (await readDemoLog(DEMO, day)).map((entry) => dayNumber(entry.day)!);
      expect(Math.max(...days)).toBe(dayNumber(day)! - 1);
      expect(Math.max(...days) - Math.min(...days)).toBeLessThanOrEqual(TEN_WEEKS);
    }
  });
  it('is in the book with all its minutes, by the guitarist and the keyboard player', async () => {
    const entries = (await api.get('/api/practice/log').expect(200)).body as EntryView[];
    const file = await readDemoLog(DEMO, today());
    const sum = (all: readonly { minutes: number }[]) =>
      all.reduce((minutes, each) => minutes + each.minutes, 0);
    expect(entries).toHaveLength(file.length);
    expect(sum(entries)).toBeCloseTo(sum(file), 6);
    const items = entries.flatMap(({ item }) => item ?? []);
    expect(items.some((item) => item.includes(' / 5432 / '))).toBe(true);
    expect(items.some((item) => item.includes(' / left / '))).toBe(true);
  });
  it('leaves something due, something known, and whole groups of keys that nobody has practised', async () => {
    const due = (await api.get('/api/practice/due').expect(200)).body as PracticeItemView[];
    const items = (await api.get('/api/practice/items').expect(200)).body as PracticeItemView[];
    expect(due.length).toBeGreaterThan(5);
    expect(due.length).toBeLessThan(items.length / 2);
    const read = items.map(({ item }) => itemOf(item));
    expect(read.every(({ ok }) => ok)).toBe(true);
    const keys = read.flatMap((each) =>
      each.ok &&
      each.value.kind === 'form' &&
      each.value.family === 'drop2' &&
      each.value.inversion > 0
        ? [each.value.keys]
        : [],
    );
    expect(keys).not.toContain('Gb B E');
  });
});

it('practises no form that cannot be held', async () => {
  const log = await readDemoLog(DEMO, today());
  const names = [...new Set(log.flatMap(({ item }) => item ?? []))];
  const forms = names.flatMap((name) => {
    const read = itemOf(name);
    return read.ok && read.value.kind === 'form' ? [read.value] : [];
  });
  expect(forms.length).toBeGreaterThan(40);
  for (const form of forms) {
    const made = makeEtude(formRequest(form, { room: rooms.alone, fretted: 'guitar' }));
    expect([itemKey(form), made.ok && formPath(form, made.value).length]).toEqual([
      itemKey(form),
      3,
    ]);
  }
});

it('finds the next Friday that leaves some days to practise', () => {
  const friday = nextOn(5);
  expect(new Date(dayNumber(friday)! * A_DAY).getUTCDay()).toBe(5);
  const ahead = dayNumber(friday)! - dayNumber(today())!;
  expect(ahead).toBeGreaterThanOrEqual(3);
  expect(ahead).toBeLessThanOrEqual(9);
});

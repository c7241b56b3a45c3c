import {
  ARRANGEMENT_VERSION,
  fitArrangement,
  parseMeter,
  positionsIn,
  readWritten,
  type ChartPlaces,
  type SoloView,
} from '@drop-close/core';
import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type supertest from 'supertest';
import { bringUp } from '../src/database/bringUp';
import type { ProfileView } from '../src/profile/profile.views';
import type { TuneView } from '../src/tunes/tune.views';
import { startServer } from './server';

/** Written by the program as it was when each shape was the last: its tables, and what was stored in them. */
interface BookThen {
  /** The last change of the tables at that time. */
  readonly tables: string;
  readonly tune: { readonly text: string; readonly places?: ChartPlaces };
  readonly setup: { readonly locks: object };
  readonly profile: object | null;
  readonly line: object | null;
}

const SHAPES = [1, 2, 3, 4, 5, 6, 7, 8];
const [TUNE, ARRANGEMENT, SOLO] = [1, 2, 3].map((n) => `00000000-0000-4000-8000-00000000000${n}`);

let app: NestExpressApplication;
let api: ReturnType<typeof supertest>;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const bookThen = (shape: number): BookThen =>
  JSON.parse(readFileSync(join(__dirname, 'shapes', `book-${shape}.json`), 'utf8')) as BookThen;

/** The tables as they were, and the book in them. */
async function storeThen({ tables, tune, setup, profile, line }: BookThen): Promise<void> {
  await orm.migrator.down({ to: 0 });
  await orm.migrator.up({ to: tables });
  const insert = (table: string, row: object) => {
    const names = Object.keys(row);
    const sql = `insert into ${table} (${names.join(', ')}) values (${names.map(() => '?').join(', ')})`;
    return orm.em.getConnection().execute(sql, Object.values(row));
  };
  const times = { created_at: new Date(), updated_at: new Date() };
  const head = { title: 'Old rope', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
  const places = tune.places && { places: JSON.stringify(tune.places) };
  await insert('tune', { id: TUNE, ...head, text: tune.text, ...places, ...times });
  const first = { id: ARRANGEMENT, tune_id: TUNE, name: 'First', setup: JSON.stringify(setup) };
  await insert('arrangement', { ...first, ...times });
  if (profile) {
    const row = { id: 'player', profile: JSON.stringify(profile) };
    await insert('profile', { ...row, updated_at: new Date() });
  }
  if (line) {
    const solo = { id: SOLO, tune_id: TUNE, name: 'Chorus', line: JSON.stringify(line) };
    await insert('solo_line', { ...solo, created_at: new Date() });
  }
}

describe.each(SHAPES)('a book of the shape %i', (shape) => {
  const then = bookThen(shape);
  const read = async (): Promise<TuneView> =>
    (await api.get(`/api/tunes/${TUNE}`).expect(200)).body as TuneView;

  beforeAll(async () => {
    await storeThen(then);
    await bringUp(orm);
  });

  it('opens with all that was decided, each at its chord or bar', async () => {
    const { text, places, meter, arrangements } = await read();
    const { chart } = readWritten({ text, places }, parseMeter(meter));
    const { arrangement, unfit } = fitArrangement(
      arrangements[0]!.setup,
      positionsIn(chart, places),
    );
    expect(unfit).toEqual([]);
    for (const instrument of ['guitar', 'keyboard'] as const) {
      const [lock] = arrangement.locks[instrument];
      expect(lock).toMatchObject({ at: 1, symbol: 'G7' });
      expect(lock?.voicing.notes.map(({ midi }) => midi)).toEqual([55, 59, 65]);
    }
    expect(arrangement.room.id).toBe('alone');
    const since = (first: number, decided: readonly unknown[]) => (shape < first ? [] : decided);
    expect(arrangement.line.notes).toEqual(since(4, [{ at: 2, symbol: 'Cmaj7', midi: 71 }]));
    expect(arrangement.line.spans).toEqual(since(4, [{ from: 8, to: 10, shape: 'rise' }]));
    expect(arrangement.splits).toEqual(since(4, [{ at: 8, symbol: 'Fmaj7', after: 2 }]));
    expect(arrangement.comp.hits).toMatchObject(since(5, [{ bar: 2, at: 240, accent: true }]));
    expect(arrangement.comp.devices).toMatchObject(
      since(5, [{ at: 3, device: 'slide', variant: 'from below, a beat early' }]),
    );
    const altered = { at: 1, symbol: 'G7', scale: 'altered', on: 7 };
    expect(arrangement.pools).toEqual(since(7, [altered]));
    expect(arrangement.scales).toEqual(since(8, [altered]));
  });

  it('is saved back as it opened, and opens the same again', async () => {
    const opened = await read();
    const { text, places, key, meter, tempo, feel, title, version } = opened;
    const [first] = opened.arrangements;
    await api
      .put(`/api/tunes/${TUNE}`)
      .send({ text, places, key, meter, tempo, feel, title, version })
      .expect(200);
    const { name, setup, version: of } = first!;
    await api.put(`/api/arrangements/${first!.id}`).send({ name, setup, version: of }).expect(200);
    const again = await read();
    expect(again.arrangements[0]?.setup).toEqual(setup);
    expect(again.places).toEqual(places);
  });

  it('keeps the player’s profile and solo line, and both are saved back', async () => {
    const profile = (await api.get('/api/profile').expect(200)).body as ProfileView;
    expect(profile.version).toBe(then.profile ? 1 : 0);
    expect((await api.put('/api/profile').send(profile).expect(200)).body).toMatchObject({
      profile: profile.profile,
    });
    const lines = (await api.get(`/api/tunes/${TUNE}/solos`).expect(200)).body as SoloView[];
    expect(lines).toHaveLength(then.line ? 1 : 0);
    for (const { id, name, line, over, version } of lines) {
      expect(line.notes.map(({ midi }) => midi)).toEqual([62, 65, 69]);
      const saved = await api.put(`/api/solos/${id}`).send({ name, line, over, version });
      expect(saved.status).toBe(200);
      expect(saved.body).toMatchObject({ line, over });
    }
  });
});

it('the last of the shapes is the one of today', () => {
  const setup = bookThen(SHAPES.at(-1)!).setup as { version?: number };
  expect(setup.version).toBe(ARRANGEMENT_VERSION);
});

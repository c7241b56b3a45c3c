import type { EtudeRequest, JobView, SetView } from '@drop-close/core';
import { defaultInstruments, makeEtudeBook, rooms } from '@drop-close/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { strFromU8, unzipSync } from 'fflate';
import { randomUUID } from 'node:crypto';
import { EtudeShelf } from '../src/jobs/etudeShelf.service';
import { NotWanted } from '../src/jobs/piecesOf';
import type { TuneView } from '../src/tunes/tune.views';
import { createTune, problemOf, type TestApi } from './builders';
import { startServer } from './server';

jest.setTimeout(120_000);

let app: NestExpressApplication;
let api: TestApi;

beforeAll(async () => {
  ({ app, api } = await startServer());
});
afterAll(() => app.close());

const get = async <T>(path: string): Promise<T> =>
  (await api.get(`/api/${path}`).expect(200)).body as T;
const post = async (path: string, body: object): Promise<JobView> =>
  (await api.post(`/api/jobs/${path}`).send(body).expect(201)).body as JobView;
const find = async (id: string): Promise<JobView | undefined> =>
  (await get<JobView[]>('jobs')).find((each) => each.id === id);

/** A job once it is over. */
async function over(id: string): Promise<JobView> {
  for (;;) {
    const now = await find(id);
    if (!now || now.state === 'ready' || now.state === 'failed') return now!;
    await new Promise((done) => setTimeout(done, 50));
  }
}

const setOf = async (name: string, tunes: readonly TuneView[]): Promise<SetView> => {
  const body = { name, tuneIds: tunes.map(({ id }) => id) };
  return (await api.post('/api/sets').send(body).expect(201)).body as SetView;
};

describe('the parts of a set', () => {
  const asked = async (setId: string, change: object = {}) =>
    post('parts', {
      ...{ setId, kind: 'lead sheet', readers: ['concert', 'tenor sax'], numbers: false },
      ...change,
    });
  const filesOf = async ({ id }: JobView): Promise<Record<string, string>> => {
    const answer = await api.get(`/api/jobs/${id}/file`).responseType('blob').expect(200);
    const files = unzipSync(new Uint8Array(answer.body as Buffer));
    return Object.fromEntries(Object.entries(files).map(([name, at]) => [name, strFromU8(at)]));
  };

  it('have a folder for each reader, in it every tune in its order, in the key that is read', async () => {
    const rope = await createTune(api, { title: 'Rope', text: '| Ebmaj7 | Bb7 |', key: 'Eb' });
    const chain = await createTune(api, { title: 'Chain', text: '| Cmaj7 | G7 |', key: 'C' });
    const set = await setOf('Friday', [chain, rope, chain]);
    const ready = await over((await asked(set.id)).id);
    expect(ready).toMatchObject({
      ...{ kind: 'parts', title: 'Friday, Lead sheet', setId: set.id, state: 'ready' },
      notes: [],
    });
    const files = await filesOf(ready);
    expect(Object.keys(files)).toEqual(
      ['Concert pitch', 'B♭ tenor saxophone'].flatMap((reader) => [
        `${reader}/1 Chain.musicxml`,
        `${reader}/2 Rope.musicxml`,
        `${reader}/3 Chain.musicxml`,
      ]),
    );
    const signs = Object.values(files).map((text) => /<fifths>(-?\d+)</.exec(text)?.[1]);
    // C and E flat; a major ninth above them D and F. Source: the usual transposing instruments.
    expect(signs).toEqual(['0', '-3', '0', '2', '-1', '2']);
  });

  it('of notes outside the range of their reader say so, tune by tune', async () => {
    const tune = await createTune(api, { title: 'Low', text: '| Dm7 G7 | Cmaj7 |' });
    const set = await setOf('Low water', [tune]);
    const ready = await over(
      (await asked(set.id, { kind: 'roots', readers: ['flute', 'bass'] })).id,
    );
    expect(ready.notes).toEqual([
      expect.stringMatching(/^Low has (a note|\d+ notes) outside the range of Flute\.$/),
    ]);
  });

  it('leave out a tune that is not voiced, and name it', async () => {
    const full = await createTune(api, { title: 'Full', text: '| Dm7 G7 | Cmaj7 |' });
    const narrow = await createTune(api, { title: 'Narrow', text: '| Dm7 G7 | Cmaj7 |' });
    const { id, name, setup, version } = narrow.arrangements[0]!;
    const room = { ...setup.room, window: { low: 60, high: 61 }, centre: { low: 60, high: 61 } };
    await api
      .put(`/api/arrangements/${id}`)
      .send({ name, setup: { ...setup, room }, version })
      .expect(200);
    const wish = { kind: 'voicings', readers: ['concert'] };
    const some = await over((await asked((await setOf('Some', [full, narrow])).id, wish)).id);
    expect(some.notes).toEqual(['Not voiced, and so not among the parts: Narrow.']);
    expect(Object.keys(await filesOf(some))).toEqual(['Voicings/1 Full.musicxml']);
    const none = await over((await asked((await setOf('None', [narrow])).id, wish)).id);
    expect(none).toMatchObject({
      state: 'failed',
      problem: 'None of the tunes of this set is voiced. Open them in Voice first.',
    });
    await api.get(`/api/jobs/${none.id}/file`).expect(404);
  });

  it('of no set, or for nobody, are refused in words', async () => {
    const body = { setId: randomUUID(), kind: 'lead sheet', readers: ['concert'], numbers: false };
    await api.post('/api/jobs/parts').send(body).expect(404);
    for (const bad of [{ readers: [] }, { readers: ['kazoo'] }, { kind: 'solo line' }]) {
      const answer = await api
        .post('/api/jobs/parts')
        .send({ ...body, ...bad })
        .expect(400);
      expect(problemOf(answer).errors?.[0]?.path).toMatch(/^(readers|kind)/);
    }
  });
});

describe('an étude in all keys', () => {
  const request: EtudeRequest = {
    ...{ family: 'shell', cycle: 'diatonic fourths', kind: '7', key: 'Eb', triads: false },
    ...{ way: 'same shape', strings: [], instrument: 'guitar', room: rooms.alone },
  };
  /** From A2 to D4, too narrow for any shell to go round. */
  const NOWHERE = {
    ...request,
    room: { ...rooms.alone, window: { ...rooms.alone.window, low: 45, high: 62 } },
    way: 'nearest',
  };

  const counted = async () => ({
    tunes: (await get<unknown[]>('tunes')).length,
    sets: (await get<unknown[]>('sets')).length,
  });

  it('becomes a set of twelve tunes, each voiced as the étude of its key is', async () => {
    const ready = await over((await post('etudes', { request, tempo: 80 })).id);
    expect(ready).toMatchObject({ kind: 'etudes', state: 'ready', notes: [], bytes: null });
    const sets = await get<SetView[]>('sets');
    const set = sets.find(({ id }) => id === ready.setId)!;
    expect(set.name).toBe('Shell by fourths in all keys, same shape');
    const book = makeEtudeBook(request, defaultInstruments);
    const etudes = book.ok ? book.value.etudes : [];
    expect(etudes).toHaveLength(12);
    for (const [at, { title, text, key, setup }] of etudes.entries()) {
      const tune = await get<TuneView>(`tunes/${set.tuneIds[at]!}`);
      expect(tune).toMatchObject({ title, text, key, tempo: 80, feel: 'straight' });
      const own = tune.arrangements[0]!.setup;
      expect(own).toMatchObject({ families: setup.families, room: setup.room, loop: false });
      const { guitar: locked } = own.locks;
      expect(Object.keys(locked ?? {})).toHaveLength(Object.keys(setup.locks.guitar).length);
    }
  });

  it('in single notes has its line, and is comped behind it', async () => {
    const wish = { ...request, played: 'broken', key: 'C' };
    const ready = await over((await post('etudes', { request: wish, tempo: 80 })).id);
    const sets = await get<SetView[]>('sets');
    const [first] = sets.find(({ id }) => id === ready.setId)!.tuneIds;
    const tune = await get<TuneView>(`tunes/${first!}`);
    const solos = await get<{ id: string; name: string }[]>(`tunes/${first!}/solos`);
    expect(solos).toMatchObject([{ name: 'The étude' }]);
    expect(tune.arrangements[0]!.setup.comp.behind).toBe(solos[0]!.id);
  });

  it('that is cancelled while it is made leaves nothing in the book', async () => {
    const before = await counted();
    const { id } = await post('etudes', { request, tempo: 80 });
    await api.delete(`/api/jobs/${id}`).expect(204);
    // One after it is made: nothing of the first is under way any more.
    const next = await over((await post('etudes', { request: NOWHERE, tempo: 80 })).id);
    expect(next.state).toBe('failed');
    expect(await find(id)).toBeUndefined();
    expect(await counted()).toEqual(before);
  });

  it('that nobody wants any more when it comes to be put in the book is put nowhere', async () => {
    const before = await counted();
    const book = makeEtudeBook(request, defaultInstruments);
    if (!book.ok) throw new Error(book.problem.message);
    const asked = { request, tempo: 80, instruments: defaultInstruments };
    const put = app.get(EtudeShelf).put(randomUUID(), asked, book.value);
    await expect(put).rejects.toThrow(NotWanted);
    expect(await counted()).toEqual(before);
  });

  it('that no key has tells why', async () => {
    const failed = await over((await post('etudes', { request: NOWHERE, tempo: 80 })).id);
    expect(failed).toMatchObject({
      state: 'failed',
      problem:
        'No set of strings carries the whole cycle. Choose another family, or a room with more register.',
    });
  });

  it('of a cycle that goes through all keys already is refused, and so is what is no étude', async () => {
    for (const [bad, path] of [
      [{ cycle: 'circle of fourths' }, 'request.cycle'],
      [{ key: 'H' }, 'request.key'],
      [{ strings: ['6 4 3'] }, 'request.strings'],
      [{ family: 'drop 9' }, 'request.family'],
    ] as const) {
      const answer = await api
        .post('/api/jobs/etudes')
        .send({ request: { ...request, ...bad }, tempo: 80 })
        .expect(400);
      expect(problemOf(answer).errors?.[0]?.path).toBe(path);
    }
  });
});

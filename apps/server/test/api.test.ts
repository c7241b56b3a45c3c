import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import {
  defaultArrangement,
  defaultSection,
  noComp,
  noLine,
  rooms,
  type StoredArrangement,
} from '@drop-close/core';
import { bringUpStored } from '../src/database/bringUp';
import type { TuneView } from '../src/tunes/tune.views';
import { createTune, nothingMarked, problemOf, tuneBody as tune, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const create = (change?: object) => createTune(api, change);
const DEVICE = { place: { slot: '1.2', pass: 0 }, symbol: 'G7', transposed: 0 };
const PLACE = { slot: '1.1', pass: 0 };
const BAR = { bar: '1', pass: 0 };
const HIT = { ...BAR, chorus: 0, at: 0, length: 240, hold: 'short', touch: 'plain', accent: false };
const SOLO_NOTE = { midi: 67, at: -240, length: 480, velocity: 84 };
const NOBODY = '00000000-0000-4000-8000-000000000000';

describe('tunes', () => {
  it('keeps a tune as it was sent, with an arrangement to voice it by', async () => {
    const made = await create();
    const { body } = await api.get(`/api/tunes/${made.id}`).expect(200);
    expect(body).toMatchObject({ ...tune(), version: 1, form: 'A', bars: 2, problems: 0 });
    expect((body as TuneView).arrangements).toMatchObject([{ setup: nothingMarked }]);
  });

  it('keeps text that cannot be read, and counts its problems', async () => {
    const made = await create({ text: '| Dm7 | oops |' });
    expect(made).toMatchObject({ text: '| Dm7 | oops |', problems: 1 });
  });

  it('lists what there is by title, with form and bars', async () => {
    await create({ title: 'Aft Cabin', text: '[A]\n|: C :|\n[B]\n| F |' });
    const { body } = await api.get('/api/tunes').expect(200);
    const list = body as TuneView[];
    expect(list[0]).toMatchObject({ title: 'Aft Cabin', form: 'A B', bars: 3 });
    expect(list.map(({ title }) => title)).toEqual([...list.map(({ title }) => title)].sort());
  });

  it('saves a change and counts the version up', async () => {
    const made = await create();
    const saved = await api
      .put(`/api/tunes/${made.id}`)
      .send(tune({ text: '| C6 |', version: 1 }))
      .expect(200);
    expect(saved.body).toMatchObject({ text: '| C6 |', version: 2 });
  });

  it('refuses a stale save with both versions, and overwrites nothing', async () => {
    const { id } = await create();
    await api
      .put(`/api/tunes/${id}`)
      .send(tune({ text: '| C6 |', version: 1 }))
      .expect(200);
    const refused = await api.put(`/api/tunes/${id}`).send(tune({ text: '| F6 |', version: 1 }));
    const problem = problemOf(refused);
    expect(problem).toMatchObject({
      status: 409,
      theirs: { text: '| C6 |', version: 2 },
    });
    expect((await api.get(`/api/tunes/${id}`)).body).toMatchObject({ text: '| C6 |', version: 2 });
  });

  it('lets exactly one of two saves at the same moment through', async () => {
    const { id } = await create();
    const saves = await Promise.all(
      ['| A6 |', '| B6 |', '| C6 |'].map((text) =>
        api.put(`/api/tunes/${id}`).send(tune({ text, version: 1 })),
      ),
    );
    expect(saves.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
  });

  it('throws a tune away, and takes that back', async () => {
    const { id } = await create();
    await api.delete(`/api/tunes/${id}`).expect(204);
    expect(problemOf(await api.get(`/api/tunes/${id}`)).status).toBe(404);
    await api.post(`/api/tunes/${id}/restore`).expect(200);
    await api.get(`/api/tunes/${id}`).expect(200);
  });
});

describe('arrangements', () => {
  it('are created, read, saved, listed and deleted', async () => {
    const { id } = await create();
    const setup = { ...nothingMarked, instrument: 'keyboard', families: ['shell'] };
    const made = await api
      .post(`/api/tunes/${id}/arrangements`)
      .send({ name: 'Keys, shells', setup })
      .expect(201);
    const { id: arrangement } = made.body as { id: string };
    const saved = await api
      .put(`/api/arrangements/${arrangement}`)
      .send({ name: 'Keys', setup: { ...setup, loop: false }, version: 1 })
      .expect(200);
    expect(saved.body).toMatchObject({ name: 'Keys', version: 2, setup: { loop: false } });
    const list = (await api.get(`/api/tunes/${id}/arrangements`).expect(200)).body as object[];
    expect(list).toHaveLength(2);
    await api.delete(`/api/arrangements/${arrangement}`).expect(204);
    expect(problemOf(await api.get(`/api/arrangements/${arrangement}`)).status).toBe(404);
  });

  it('keep a locked voicing to the last note', async () => {
    const { arrangements } = await create();
    const first = arrangements[0]!;
    const voicing = {
      family: 'shell',
      inversion: 0,
      stretchMm: 35.2,
      ease: 'easy',
      notes: [
        { midi: 45, note: 'A', degree: 'R', string: 6, fret: 5, finger: 1 },
        { midi: 55, note: 'G', degree: 'b7', string: 4, fret: 5, finger: 2 },
      ],
    };
    const locks = {
      guitar: [{ place: PLACE, symbol: 'A7', voicing, transposed: 3 }],
      keyboard: [],
    };
    const body = { name: 'First', setup: { ...nothingMarked, locks }, version: 1 };
    await api.put(`/api/arrangements/${first.id}`).send(body).expect(200);
    const { body: read } = await api.get(`/api/arrangements/${first.id}`);
    expect((read as typeof first).setup.locks).toEqual(locks);
  });

  it('that were saved in the first shape are read in that of today', async () => {
    const { arrangements } = await create();
    const { id } = arrangements[0]!;
    const old = {
      ...nothingMarked,
      version: 1,
      room: 'bass',
      tensions: undefined,
      weights: {
        ...nothingMarked.weights,
        ...{ sound: undefined, parallel: undefined, drift: undefined },
        ...{ line: undefined, variety: undefined },
        ...{ top: undefined, voices: undefined, bottom: undefined, lie: undefined },
      },
      ...{ splits: undefined, line: undefined, returns: undefined, comp: undefined },
      ...{ asked: undefined, pools: undefined, stayInPlace: undefined },
    };
    const connection = orm.em.fork().getConnection();
    await connection.execute('update arrangement set setup = ? where id = ?', [
      JSON.stringify(old),
      id,
    ]);
    const { body } = await api.get(`/api/arrangements/${id}`).expect(200);
    const { setup } = body as TuneView['arrangements'][0];
    expect(setup).toEqual({ ...nothingMarked, room: rooms.bass });
    await api.put(`/api/arrangements/${id}`).send({ name: 'First', setup, version: 1 }).expect(200);
  });

  it('refuse a stale save with both versions', async () => {
    const { arrangements } = await create();
    const { id } = arrangements[0]!;
    const save = (name: string) =>
      api.put(`/api/arrangements/${id}`).send({ name, setup: nothingMarked, version: 1 });
    await save('Mine').expect(200);
    expect(problemOf(await save('Yours'))).toMatchObject({
      status: 409,
      theirs: { name: 'Mine', version: 2 },
    });
  });
});

describe('comping', () => {
  it('is kept to the last hit, device and section', async () => {
    const { arrangements } = await create();
    const { id } = arrangements[0]!;
    const comp = {
      ...noComp,
      hits: [HIT, { ...HIT, at: 720, hold: 'let ring', touch: 'rolled', accent: true }],
      devices: [
        { ...DEVICE, chorus: 1, device: 'slide', variant: 'from below, a beat early' },
        { ...DEVICE, chorus: 0, device: 'harmonised line', variant: 'your line', line: [72, 74] },
        { ...DEVICE, chorus: 0, device: 'known to a newer version', variant: 'anything' },
      ],
      plan: [[{ from: BAR, to: BAR, plan: { ...defaultSection, rests: ['drums'] } }], []],
    };
    const setup = { ...nothingMarked, comp };
    await api.put(`/api/arrangements/${id}`).send({ name: 'First', setup, version: 1 }).expect(200);
    const { body } = await api.get(`/api/arrangements/${id}`);
    expect((body as TuneView['arrangements'][0]).setup.comp).toEqual(comp);
  });
});

describe('the identities of a chart', () => {
  const barIds = ({ places }: TuneView): string[] =>
    places.sections.flatMap(({ bars }) => bars.map(({ id }) => id));

  it('are given to a new tune, and stay with its bars when only its text is sent', async () => {
    const made = await create({ text: '| Dm7 G7 | C6 | A7 |' });
    expect(barIds(made)).toEqual(['1', '2', '3']);
    const text = '| Dm7 G7 | Db7 | C6 | A7 |';
    const { body } = await api.put(`/api/tunes/${made.id}`).send(tune({ text, version: 1 }));
    const [first, added, ...rest] = barIds(body as TuneView);
    expect([first, ...rest]).toEqual(['1', '2', '3']);
    expect(added).toMatch(/^[0-9a-f]{8}-/);
  });

  it('are kept as they are sent, and refused where they do not name every bar', async () => {
    const made = await create({ text: '| Dm7 | C6 |' });
    const named = (...ids: string[]) => ({
      transposed: 2,
      sections: [{ id: 's1', bars: ids.map((id) => ({ id, slots: [`${id}.1`] })) }],
    });
    const save = (version: number, places: object) =>
      api
        .put(`/api/tunes/${made.id}`)
        .send(tune({ text: '| Dm7 | C6 |', version, places }))
        .then((response) => response);
    expect((await save(1, named('2', '1'))).body).toMatchObject({ places: named('2', '1') });
    const refused = problemOf(await save(2, named('1')));
    expect(refused).toMatchObject({ status: 400, errors: [{ path: 'places' }] });
    const { body } = await api.get(`/api/tunes/${made.id}`);
    expect(body).toMatchObject({ version: 2, places: named('2', '1') });
  });

  it('come with a title line in the text to the name of the tune', async () => {
    const made = await create({ text: 'title: Low Water\n| C6 |' });
    expect(made.title).toBe('Low Water');
  });
});

describe('a database of an older version', () => {
  it('is brought up: positions become places in the chart as it was stored', async () => {
    const made = await create({ text: '[A]\n| Dm7 G7 | C6 |' });
    const { id } = made.arrangements[0]!;
    const old = {
      ...defaultArrangement,
      version: 5,
      line: { ...noLine, notes: [{ at: 2, symbol: 'C6', midi: 67 }] },
      comp: { ...noComp, hits: [{ ...HIT, bar: 2, pass: undefined, chorus: undefined }] },
    };
    const line = { version: 1, written: true, notes: [[67, 1920, 480, 84]] };
    const solo = await api
      .post(`/api/tunes/${made.id}/solos`)
      .send({ name: 'Mine', line: { written: true, notes: [SOLO_NOTE] } });
    const { id: soloId } = solo.body as { id: string };
    const connection = orm.em.fork().getConnection();
    const store = (table: string, column: string, row: string, value: object | null) =>
      connection.execute(`update ${table} set ${column} = ? where id = ?`, [
        value && JSON.stringify(value),
        row,
      ]);
    await store('tune', 'places', made.id, null);
    await store('arrangement', 'setup', id, old);
    await store('solo_line', 'line', soloId, line);
    await bringUpStored(orm.em.fork());

    const rows: { setup: StoredArrangement }[] = await connection.execute(
      'select setup from arrangement where id = ?',
      [id],
    );
    expect(rows[0]!.setup).toMatchObject({
      version: 8,
      line: { notes: [{ place: { slot: '2.1', pass: 0 }, symbol: 'C6', midi: 67 }] },
      comp: { hits: [{ bar: '2', pass: 0, chorus: 0 }] },
    });
    const { body: tuneNow } = await api.get(`/api/tunes/${made.id}`);
    expect(tuneNow).toMatchObject({ version: 1, places: made.places });
    const { body: solos } = await api.get(`/api/tunes/${made.id}/solos`);
    expect(solos).toMatchObject([{ over: { bars: [{ bar: '1' }, { bar: '2' }] } }]);
    // Once is enough, and twice is no harm.
    await bringUpStored(orm.em.fork());
    expect((await api.get(`/api/arrangements/${id}`)).body).toMatchObject({ version: 1 });
  });
});

describe('solo lines', () => {
  const line = { written: true, notes: [SOLO_NOTE] };

  it('are kept with their tune, listed, thrown away and put back', async () => {
    const { id } = await create();
    const made = await api.post(`/api/tunes/${id}/solos`).send({ name: 'Mine', line }).expect(201);
    expect(made.body).toMatchObject({ tuneId: id, name: 'Mine', line });
    const { id: solo } = made.body as { id: string };
    const list = async () => (await api.get(`/api/tunes/${id}/solos`).expect(200)).body as object[];
    expect(await list()).toHaveLength(1);
    const { version } = made.body as { version: number };
    const renamed = { name: ' Yours ', line, version };
    const saved = await api.put(`/api/solos/${solo}`).send(renamed).expect(200);
    expect(saved.body).toMatchObject({ id: solo, name: 'Yours', version: version + 1 });
    const late = await api.put(`/api/solos/${solo}`).send(renamed);
    expect(problemOf(late)).toMatchObject({
      status: 409,
      theirs: { name: 'Yours', version: version + 1 },
    });
    await api.delete(`/api/solos/${solo}`).expect(204);
    expect(await list()).toEqual([]);
    expect(problemOf(await api.delete(`/api/solos/${solo}`)).status).toBe(404);
    await api.post(`/api/solos/${solo}/restore`).expect(200);
    expect(await list()).toHaveLength(1);
  });

  it.each([
    ['line.notes.0.midi', { line: { ...line, notes: [{ ...line.notes[0], midi: 200 }] } }],
    ['line.notes', { line: { ...line, notes: [] } }],
    ['line.written', { line: { notes: line.notes } }],
    ['name', { name: '' }],
  ])('are checked to the last note: %s', async (path, change) => {
    const { id } = await create();
    const response = await api.post(`/api/tunes/${id}/solos`).send({ name: 'x', line, ...change });
    expect(problemOf(response).errors?.map((error) => error.path)).toContain(path);
  });

  it('are copied with their tune, and its arrangements are comped behind the copies', async () => {
    const { id, arrangements } = await create();
    const made = await api.post(`/api/tunes/${id}/solos`).send({ name: 'Mine', line }).expect(201);
    const { id: solo } = made.body as { id: string };
    const setup = { ...nothingMarked, comp: { ...noComp, behind: solo } };
    const body = { name: 'First', setup, version: 1 };
    await api.put(`/api/arrangements/${arrangements[0]!.id}`).send(body).expect(200);
    const copy = (await api.post(`/api/tunes/${id}/copy`).expect(201)).body as TuneView;
    const [copied] = (await api.get(`/api/tunes/${copy.id}/solos`)).body as { id: string }[];
    expect(copied!.id).not.toBe(solo);
    const { body: list } = await api.get(`/api/tunes/${copy.id}/arrangements`);
    expect((list as TuneView['arrangements'])[0]!.setup.comp.behind).toBe(copied!.id);
  });

  it('belong to a tune that is there', async () => {
    const response = await api.post(`/api/tunes/${NOBODY}/solos`).send({ name: 'x', line });
    expect(problemOf(response).status).toBe(404);
  });
});

describe('what is not as it should be', () => {
  it.each([
    ['a field that is missing', { title: undefined }, 'title'],
    ['a wrong type', { tempo: 'fast' }, 'tempo'],
    ['a tempo out of range', { tempo: 1000 }, 'tempo'],
    ['an unknown feel', { feel: 'polka' }, 'feel'],
    ['a key that is none', { key: 'H' }, 'key'],
    ['a meter that is none', { meter: '4' }, 'meter'],
    ['an unknown field', { colour: 'red' }, 'colour'],
    ['an empty title', { title: '' }, 'title'],
  ])('%s is named by its path', async (_, change, path) => {
    const response = await api.post('/api/tunes').send(tune(change));
    const problem = problemOf(response);
    expect(problem).toMatchObject({ status: 400, title: 'Bad Request', instance: '/api/tunes' });
    expect(problem.errors?.map((error) => error.path)).toContain(path);
  });

  it.each([
    ['weights.motion', { weights: { ...nothingMarked.weights, motion: 1.5 } }],
    ['families.0', { families: ['drop9'] }],
    [
      'locks.guitar.0.voicing',
      { locks: { guitar: [{ place: PLACE, symbol: 'C' }], keyboard: [] } },
    ],
    ['room', { room: 'cellar' }],
    ['room.others.bass', { room: { ...rooms.bass, others: { bass: 'yes' } } }],
    ['room.window.high', { room: { ...rooms.bass, window: { low: 60, high: 50 } } }],
    ['tensions', { tensions: 'some' }],
    ['asked.voices', { asked: { ...defaultArrangement.asked, voices: 7 } }],
    ['asked.strings.0', { asked: { ...defaultArrangement.asked, strings: ['346'] } }],
    ['asked.bottom', { asked: { ...defaultArrangement.asked, bottom: 'third' } }],
    ['asked.incomplete', { asked: { ...defaultArrangement.asked, incomplete: 'yes' } }],
    ['asked.openStrings', { asked: { ...defaultArrangement.asked, openStrings: 'never' } }],
    ['pools.0.scale', { pools: [{ place: PLACE, symbol: 'C', scale: 'sour', on: 0 }] }],
    ['pools.0.on', { pools: [{ place: PLACE, symbol: 'C', scale: 'altered', on: 12 }] }],
    ['stayInPlace', { stayInPlace: 'here' }],
    ['weights.top', { weights: { ...defaultArrangement.weights, top: 301 } }],
    ['splits.0.after', { splits: [{ place: PLACE, symbol: 'C', after: 0 }] }],
    ['line.notes.0.midi', { line: { ...noLine, notes: [{ ...DEVICE, midi: 128 }] } }],
    [
      'line.spans.0.shape',
      { line: { ...noLine, spans: [{ from: PLACE, to: PLACE, shape: 'zigzag' }] } },
    ],
    ['locks.guitar.0.place.slot', { locks: { guitar: [{ place: { pass: 0 } }], keyboard: [] } }],
    ['comp.hits.0.bar', { comp: { ...noComp, hits: [{ ...HIT, bar: 1 }] } }],
    ['returns', { returns: 'maybe' }],
    ['comp.hits.0.at', { comp: { ...noComp, hits: [{ ...HIT, at: 1.5 }] } }],
    ['comp.hits.0.touch', { comp: { ...noComp, hits: [{ ...HIT, touch: 'slapped' }] } }],
    ['comp.devices.0.device', { comp: { ...noComp, devices: [{ ...DEVICE, device: '' }] } }],
    ['comp.plan', { comp: { ...noComp, plan: [] } }],
    ['comp.plan', { comp: { ...noComp, plan: [{ density: 3 }] } }],
    [
      'comp.plan.0.0.plan.density',
      {
        comp: {
          ...noComp,
          plan: [[{ from: BAR, to: BAR, plan: { ...defaultSection, density: 9 } }]],
        },
      },
    ],
    ['comp.swing', { comp: { ...noComp, swing: 400 } }],
    ['comp.behind', { comp: { ...noComp, behind: 'him' } }],
    ['version', { version: 3 }],
    ['mood', { mood: 'blue' }],
  ])('a setup is checked to the last field: %s', async (path, change) => {
    const { id } = await create();
    const response = await api
      .post(`/api/tunes/${id}/arrangements`)
      .send({ name: 'x', setup: { ...nothingMarked, ...change } });
    const paths = problemOf(response).errors?.map((error) => error.path) ?? [];
    expect(paths.some((found) => `setup.${path}`.startsWith(found) && found !== '')).toBe(true);
    expect(response.status).toBe(400);
  });

  it('names a note inside a lock by its whole path', async () => {
    const { id } = await create();
    const voicing = {
      family: 'shell',
      ease: 'easy',
      notes: [{ midi: 300, note: 'A', degree: 'R' }],
    };
    const locks = {
      guitar: [{ place: PLACE, symbol: 'A7', voicing, transposed: 0 }],
      keyboard: [],
    };
    const response = await api
      .post(`/api/tunes/${id}/arrangements`)
      .send({ name: 'x', setup: { ...nothingMarked, locks } });
    expect(problemOf(response).errors).toEqual([
      {
        path: 'setup.locks.guitar.0.voicing.notes.0.midi',
        message: 'midi must not be greater than 127',
      },
    ]);
  });

  it('refuses a body over 1 MB, broken JSON, and ids that are none or unknown', async () => {
    const large = await api.post('/api/tunes').send(tune({ text: 'C '.repeat(600_000) }));
    expect(problemOf(large)).toMatchObject({
      status: 413,
      detail: 'The body is larger than 1 MB.',
    });
    const broken = await api.post('/api/tunes').type('json').send('{"title":');
    expect(problemOf(broken).status).toBe(400);
    expect(problemOf(await api.get('/api/tunes/twelve')).errors?.[0]?.path).toBe('id');
    expect(problemOf(await api.get(`/api/tunes/${NOBODY}`)).detail).toBe(
      `There is no tune with the id "${NOBODY}".`,
    );
    expect(problemOf(await api.get('/api/nothing')).status).toBe(404);
  });
});

describe('the house', () => {
  it('is healthy only while the database answers', async () => {
    expect((await api.get('/api/health').expect(200)).body).toMatchObject({
      status: 'ok',
      database: 'ok',
      work: { waiting: 0 },
    });
    const connected = jest.spyOn(orm, 'isConnected').mockResolvedValueOnce(false);
    expect(problemOf(await api.get('/api/health'))).toMatchObject({
      status: 503,
      detail: 'The database does not answer.',
    });
    connected.mockRestore();
  });

  it('describes itself as OpenAPI', async () => {
    const { body } = await api.get('/api/docs-json').expect(200);
    const paths = Object.keys((body as { paths: object }).paths);
    expect(paths).toEqual(expect.arrayContaining(['/api/tunes', '/api/tunes/{id}', '/api/health']));
  });
});

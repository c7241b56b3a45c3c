import { defaultProfile, rooms, type Profile } from '@drop-close/core';
import type { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type supertest from 'supertest';
import type { ProblemDetails } from '../src/problem/problem';
import { ProfileEntity } from '../src/profile/profile.entity';
import type { ProfileView } from '../src/profile/profile.views';
import type { TuneView } from '../src/tunes/tune.views';
import { startServer } from './server';

let app: NestExpressApplication;
let orm: MikroORM;
let api: ReturnType<typeof supertest>;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
});
afterAll(() => app.close());

const read = async (): Promise<ProfileView> =>
  (await api.get('/api/profile').expect(200)).body as ProfileView;
const save = (profile: unknown, version: number) =>
  api.put('/api/profile').send({ profile, version });
const change = (part: object): Profile => ({ ...defaultProfile, ...part });

describe('the profile of the player', () => {
  it('is what everybody begins with until it is saved, then what was saved', async () => {
    expect(await read()).toEqual({ profile: defaultProfile, version: 0 });
    const cellar = { ...rooms.bass, id: 'cellar', label: 'The cellar' };
    const mine = change({ leftHanded: true, rooms: [cellar], families: ['shell', 'rootless'] });
    const { body } = await save(mine, 0).expect(200);
    expect(body).toEqual({ profile: mine, version: 1 });
    expect(await read()).toEqual(body);
  });

  it('saved before an instrument was there has it as it comes', async () => {
    const { ukulele, ...before } = change({ leftHanded: true });
    await orm.em.fork().nativeUpdate(ProfileEntity, {}, { profile: before });
    const { profile, version } = await read();
    expect(profile).toEqual({ ...before, ukulele });
    const short = { ...ukulele, frets: 12 };
    const { body } = await save(change({ ukulele: short, instrument: 'ukulele' }), version).expect(
      200,
    );
    expect((body as ProfileView).profile).toMatchObject({
      instrument: 'ukulele',
      ukulele: { frets: 12 },
    });
    for (const kind of ['lute', 'guitar'] as const) {
      const wrong = change({ ukulele: { ...ukulele, kind } });
      const refused = await save(wrong, version + 1).expect(400);
      expect((refused.body as ProblemDetails).errors).toMatchObject([
        { path: 'profile.ukulele.kind' },
      ]);
    }
  });

  it('is what a new tune is voiced for', async () => {
    const { version } = await read();
    await save(change({ instrument: 'keyboard', families: ['rootless'] }), version).expect(200);
    const tune = { title: 'New', text: '| C |', key: 'C', meter: '4/4', tempo: 100, feel: 'swing' };
    const { body } = await api.post('/api/tunes').send(tune).expect(201);
    expect((body as TuneView).arrangements[0]!.setup).toMatchObject({
      instrument: 'keyboard',
      families: ['rootless'],
    });
  });

  it('refuses a stale save with both versions', async () => {
    const { version } = await read();
    await save(change({ leftHanded: true }), version).expect(200);
    const { body } = await save(change({ leftHanded: false }), version).expect(409);
    expect(body).toMatchObject({
      theirs: { profile: { leftHanded: true }, version: version + 1 },
    });
  });

  it.each([
    ['0 frets', { guitar: { ...defaultProfile.guitar, frets: 0 } }, 'profile.guitar.frets'],
    [
      'a tuning out of order',
      { guitar: { ...defaultProfile.guitar, tuning: [40, 45, 44, 55, 59, 64] } },
      'profile.guitar.tuning.2',
    ],
    [
      'a hand smaller than any grip',
      { guitar: { ...defaultProfile.guitar, hand: { comfortableMm: 10, limitMm: 10 } } },
      'profile.guitar.hand.limitMm',
    ],
    [
      'a reach of no hand',
      { keyboard: { ...defaultProfile.keyboard, reach: { left: 5, right: 14 } } },
      'profile.keyboard.reach.left',
    ],
    ['a room twice', { rooms: [rooms.bass, rooms.bass] }, 'profile.rooms'],
    ['a field nobody knows', { mood: 'blue' }, 'profile.mood'],
    ['a family nobody knows', { families: ['drop9'] }, 'profile.families'],
    [
      'a taste of nothing',
      { taste: { learning: true, terms: [], choices: [] } },
      'profile.taste.terms',
    ],
    [
      'a choice that is no number',
      { taste: { ...defaultProfile.taste, choices: [{ chosen: ['x'], others: [] }] } },
      'profile.taste.choices.0.chosen',
    ],
  ])('refuses %s, and keeps the last good one', async (_, part, path) => {
    const before = await read();
    const { body } = await save(change(part), before.version).expect(400);
    expect((body as ProblemDetails).errors?.map((error) => error.path)).toContain(path);
    expect(await read()).toEqual(before);
  });
});

import {
  defaultProfile,
  noTaste,
  type Profile,
  type ProfileView,
  type StoredTaste,
} from '@drop-close/core';
import { Refusal, Unreachable } from '../api/client';
import { begin } from '../saving/history';
import { changeProfile, keepTaste, profileNow, undoProfile, useProfileStore } from './profileStore';
import { saveProfile, settleProfile, startProfileSync } from './profileSync';

/** The server, as far as the profile goes. */
let server: ProfileView;
let away: boolean;
const stale = (theirs: ProfileView): Refusal =>
  new Refusal({ status: 409, title: 'Conflict', detail: 'changed elsewhere', theirs });

jest.mock('../api/client', () => {
  const actual = jest.requireActual<object>('../api/client');
  const answer = <T>(give: () => T): Promise<T> =>
    Promise.resolve().then(() => {
      if (away) throw new Unreachable('away');
      return give();
    });
  const api = {
    profile: () => answer(() => server),
    saveProfile: (profile: Profile, version: number) =>
      answer(() => {
        if (version !== server.version) throw stale(server);
        server = { profile, version: version + 1 };
        return server;
      }),
  };
  return { ...actual, api };
});

class MemoryStorage {
  private readonly items = new Map<string, string>();
  getItem = (key: string): string | null => this.items.get(key) ?? null;
  setItem = (key: string, value: string): void => void this.items.set(key, value);
}

const leftHanded: Profile = { ...defaultProfile, leftHanded: true };
const keys: Profile = { ...defaultProfile, instrument: 'keyboard' };
let stop: () => void;

beforeEach(() => {
  Object.assign(globalThis, { localStorage: new MemoryStorage(), window: new EventTarget() });
  server = { profile: defaultProfile, version: 0 };
  away = false;
  useProfileStore.setState({
    history: begin(defaultProfile),
    stored: defaultProfile,
    version: 0,
    saving: { kind: 'saved' },
  });
});
afterEach(() => {
  stop();
});

/** Starts, and lets the first meeting with the server happen. */
async function start(): Promise<void> {
  stop = startProfileSync();
  await settled();
}
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

it('takes up what the server has', async () => {
  server = { profile: leftHanded, version: 4 };
  await start();
  expect(profileNow()).toEqual(leftHanded);
  expect(useProfileStore.getState()).toMatchObject({ version: 4, saving: { kind: 'saved' } });
});

it('sends a change, with the version it started from', async () => {
  server = { profile: defaultProfile, version: 2 };
  await start();
  changeProfile({ leftHanded: true });
  expect(useProfileStore.getState().saving).toEqual({ kind: 'saving' });
  await saveProfile();
  expect(server).toEqual({ profile: leftHanded, version: 3 });
  expect(useProfileStore.getState().saving).toEqual({ kind: 'saved' });
});

it('keeps a change here while the server is away, and sends it when it is back', async () => {
  await start();
  away = true;
  changeProfile({ leftHanded: true });
  await saveProfile();
  expect(useProfileStore.getState().saving).toEqual({ kind: 'offline' });
  stop();
  useProfileStore.setState({ history: begin(defaultProfile) });
  away = false;
  await start();
  expect(profileNow()).toEqual(leftHanded);
  expect(server.profile).toEqual(leftHanded);
});

describe('what was chosen here and there is learned from', () => {
  const choice = (chosen: number): StoredTaste => {
    const one = { chosen: [chosen], others: [[chosen + 1]] };
    return { ...noTaste, choices: [one as unknown as StoredTaste['choices'][number]] };
  };
  const choices = ({ taste }: Profile): number => taste.choices.length;

  it('also where the server is met after the first choice, and its settings are taken up', async () => {
    server = { profile: { ...leftHanded, taste: choice(1) }, version: 3 };
    stop = startProfileSync();
    keepTaste(choice(5));
    await settled();
    await saveProfile();
    expect(profileNow()).toMatchObject({ leftHanded: true });
    expect(choices(server.profile)).toBe(2);
    expect(useProfileStore.getState().saving).toEqual({ kind: 'saved' });
  });

  it('and settings of one side stand beside the choices of the other', async () => {
    server = { profile: defaultProfile, version: 1 };
    await start();
    server = { profile: { ...leftHanded, taste: choice(1) }, version: 2 };
    keepTaste(choice(5));
    await saveProfile();
    await saveProfile();
    expect(server.profile).toMatchObject({ leftHanded: true });
    expect(choices(server.profile)).toBe(2);

    server = { profile: { ...server.profile, taste: choice(9) }, version: 9 };
    changeProfile({ instrument: 'keyboard' });
    await saveProfile();
    await saveProfile();
    expect(server.profile).toMatchObject({ leftHanded: true, instrument: 'keyboard' });
    expect(choices(server.profile)).toBe(3);
  });
});

describe('changed in two places', () => {
  async function conflict(): Promise<void> {
    server = { profile: defaultProfile, version: 1 };
    await start();
    changeProfile({ leftHanded: true });
    server = { profile: keys, version: 2 };
    await saveProfile();
    expect(useProfileStore.getState().saving).toMatchObject({ kind: 'conflict', theirs: keys });
    expect(profileNow()).toEqual(leftHanded);
  }

  it('mine is kept, and the other stays one undo away', async () => {
    await conflict();
    settleProfile('mine');
    await settled();
    expect(server).toEqual({ profile: leftHanded, version: 3 });
    undoProfile();
    expect(profileNow()).toEqual(keys);
  });

  it('the other is taken, and mine stays one undo away', async () => {
    await conflict();
    settleProfile('theirs');
    await settled();
    expect(profileNow()).toEqual(keys);
    expect(server).toEqual({ profile: keys, version: 2 });
    undoProfile();
    expect(profileNow()).toEqual(leftHanded);
  });
});

import type { TrackView } from '@drop-close/core';
import { House, until } from './house';

const house = new House('tracks', 4716);

beforeAll(async () => {
  await house.raze();
  await house.open();
}, 120_000);
afterAll(() => house.raze(), 60_000);

it('a track whose server is killed while it renders is rendered by the next one', async () => {
  const tunes = (await (await house.get('/tunes')).json()) as { id: string; title: string }[];
  const { id } = tunes.find(({ title }) => title === 'Half Past the Tide')!;
  const tune = (await (await house.get(`/tunes/${id}`)).json()) as {
    arrangements: { id: string }[];
  };
  const wish = {
    ...{ heard: ['comp', 'bass', 'drums'], keys: [0, 5], times: 1, tempo: 66, faster: 0 },
    ...{ countIn: true, format: 'ogg' },
  };
  const body = { tuneId: id, arrangementId: tune.arrangements[0]!.id, wish };
  const asked = (await (await house.send('POST', '/tracks', body)).json()) as TrackView;
  const now = async (): Promise<TrackView | undefined> => {
    const tracks = (await (await house.get('/tracks')).json()) as TrackView[];
    return tracks.find((track) => track.id === asked.id);
  };
  await until(async () => ((await now())?.progress ?? 0) > 0.1);
  house.kill('server');
  await house.answers();
  await until(async () => (await now())?.state === 'ready');
  const sound = await house.get(`/tracks/${asked.id}/sound`);
  const bytes = new Uint8Array(await sound.arrayBuffer());
  expect(bytes.length).toBe((await now())?.bytes);
  expect(String.fromCharCode(...bytes.slice(0, 4))).toBe('OggS');
}, 600_000);

/**
 * Four practice tracks of two minutes each: how many times faster than they last they are rendered, by one process and by
 * two that share the queue. Run: scripts/bench tracks.
 */
import type { TrackView } from '@drop-close/core';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { House, until } from '../soak/house';
import { print } from './report';

const house = new House('bench', 4719);
const TRACKS = 4;
const A_LONG_WHILE = 600_000;

interface Tune {
  readonly id: string;
  readonly title: string;
}
interface WholeTune {
  readonly arrangements: readonly { readonly id: string }[];
}

const get = async <T>(path: string): Promise<T> => (await (await house.get(path)).json()) as T;

async function render(format: 'ogg' | 'wav'): Promise<{ ms: number; seconds: number }> {
  const tune = (await get<Tune[]>('/tunes')).find(({ title }) => title === 'Half Past the Tide');
  if (!tune) throw new Error('The demo tune is not there.');
  const whole = await get<WholeTune>(`/tunes/${tune.id}`);
  const wish = {
    ...{ heard: ['comp', 'bass', 'drums'], keys: [0], times: 1, tempo: 66, faster: 0 },
    ...{ countIn: true, format },
  };
  const body = { tuneId: tune.id, arrangementId: whole.arrangements[0]?.id, wish };
  const start = performance.now();
  for (let each = 0; each < TRACKS; each += 1) await house.send('POST', '/tracks', body);
  await until(async () => {
    const tracks = await get<TrackView[]>('/tracks');
    return tracks.every(({ state }) => state === 'ready');
  }, A_LONG_WHILE);
  const ms = performance.now() - start;
  const tracks = await get<TrackView[]>('/tracks');
  for (const { id } of tracks) await house.send('DELETE', `/tracks/${id}`);
  return { ms, seconds: tracks.reduce((sum, { seconds }) => sum + seconds, 0) };
}

async function main(): Promise<void> {
  await house.raze();
  await house.open();
  try {
    await render('ogg');
    const one = await render('ogg');
    print('tracks as Ogg, one process, times real time', (one.seconds * 1000) / one.ms, 'x');
    const wav = await render('wav');
    print('tracks as WAV, one process, times real time', (wav.seconds * 1000) / wav.ms, 'x');
    const sockets = encodeURIComponent(join(house.folder, 'book/socket'));
    const worker = spawn('node', ['apps/server/dist/worker.js'], {
      env: {
        ...process.env,
        DROP_CLOSE_DATABASE: `postgresql://dropclose@${sockets}:5432/dropclose`,
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    await new Promise((ready) => worker.stdout.once('data', ready));
    await render('ogg');
    const two = await render('ogg');
    print('tracks as Ogg, two processes against one', one.ms / two.ms, 'x');
    worker.kill('SIGTERM');
  } finally {
    await house.raze();
  }
}

void main();

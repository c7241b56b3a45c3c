import type { NestExpressApplication } from '@nestjs/platform-express';
import type { MikroORM } from '@mikro-orm/core';
import type { TrackView, TrackWish } from '@drop-close/core';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { JobWorker } from '../src/jobs/jobWorker.service';
import type { TuneView } from '../src/tunes/tune.views';
import { createTune, problemOf, type TestApi } from './builders';
import { startServer } from './server';

jest.setTimeout(120_000);

let app: NestExpressApplication;
let api: TestApi;
let orm: MikroORM;
let tune: TuneView;

beforeAll(async () => {
  ({ app, api, orm } = await startServer());
  tune = await createTune(api, { text: '| Dm7 G7 | Cmaj7 |', tempo: 240 });
});
afterAll(() => app.close());

const WISH: TrackWish = {
  ...{ heard: ['comp', 'bass', 'drums'], keys: [0], times: 1, tempo: 240, faster: 0 },
  ...{ countIn: true, format: 'wav' },
};
const bodyOf = (wish: Partial<TrackWish> = {}) => ({
  ...{ tuneId: tune.id, arrangementId: tune.arrangements[0]!.id },
  wish: { ...WISH, ...wish },
});
const ask = async (wish: Partial<TrackWish> = {}): Promise<TrackView> =>
  (await api.post('/api/tracks').send(bodyOf(wish)).expect(201)).body as TrackView;
const list = async (): Promise<TrackView[]> =>
  (await api.get('/api/tracks').expect(200)).body as TrackView[];
const find = async (id: string): Promise<TrackView | undefined> =>
  (await list()).find((each) => each.id === id);

async function until(id: string, state: TrackView['state']): Promise<TrackView> {
  for (;;) {
    const now = await find(id);
    if (now?.state === state) return now;
    if (now?.state === 'failed') throw new Error(now.problem ?? 'failed');
    await new Promise((done) => setTimeout(done, 100));
  }
}

const soundOf = async (id: string): Promise<Buffer> =>
  (await api.get(`/api/tracks/${id}/sound`).responseType('blob').expect(200)).body as Buffer;

/** What Debian's ffmpeg makes of a file: its samples, left ear, 44,100 a second. */
function decoded(bytes: Buffer, name: string): Float32Array {
  const file = join(mkdtempSync(join(tmpdir(), 'track-')), name);
  writeFileSync(file, bytes);
  const args = ['-v', 'error', '-i', file, '-f', 'f32le', '-ac', '1', '-ar', '44100', '-'];
  const raw = execFileSync('ffmpeg', args, { maxBuffer: 200_000_000 });
  return new Float32Array(raw.buffer, raw.byteOffset, raw.length / 4);
}
const loudest = (samples: Float32Array): number =>
  samples.reduce((most, each) => Math.max(most, Math.abs(each)), 0);

describe('a practice track', () => {
  it.each(['wav', 'ogg'] as const)(
    'as %s is as long as its bars, loud enough, not cut off, and silent at its end',
    async (format) => {
      const { id } = await ask({ format, times: 2 });
      const ready = await until(id, 'ready');
      // Two bars of count-in, twice two bars of a second each at 240, and the ring of the end.
      expect(ready.seconds).toBeCloseTo(2 + 4 + 2.5, 1);
      const sound = await soundOf(id);
      expect(sound.length).toBe(ready.bytes);
      const samples = decoded(sound, `t.${format}`);
      expect(samples.length / 44_100).toBeCloseTo(ready.seconds, 1);
      expect(loudest(samples)).toBeGreaterThan(0.2);
      expect(loudest(samples)).toBeLessThan(1);
      expect(loudest(samples.slice(-4410))).toBeLessThan(0.01);
    },
  );

  it('has its bass at the pitch of the root: D2 at 73.4 Hz, and E flat 2 a half step up', async () => {
    for (const [semitones, hertz] of [
      [0, 73.42],
      [1, 77.78],
    ] as const) {
      const { id } = await ask({ heard: ['bass'], countIn: false, tempo: 60, keys: [semitones] });
      const samples = decoded(await soundOf((await until(id, 'ready')).id), 't.wav');
      expect(Math.abs(1200 * Math.log2(pitchOf(samples) / hertz))).toBeLessThan(15);
    }
  });

  it('is given out in parts, as players of sound ask for it', async () => {
    const { id } = await ask();
    const { bytes } = await until(id, 'ready');
    const whole = await soundOf(id);
    const part = await api
      .get(`/api/tracks/${id}/sound?save`)
      .set('range', 'bytes=1000-300000')
      .responseType('blob')
      .expect(206);
    expect(part.headers['content-range']).toBe(`bytes 1000-300000/${bytes}`);
    expect(part.headers['content-disposition']).toContain('.wav');
    expect(Buffer.compare(part.body as Buffer, whole.subarray(1000, 300_001))).toBe(0);
  });

  it('that is thrown away while it is made stops, and the next one is made', async () => {
    const long = await ask({ times: 20, keys: [0, 1, 2, 3, 4, 5], tempo: 60, format: 'ogg' });
    await until(long.id, 'working');
    await api.delete(`/api/tracks/${long.id}`).expect(204);
    const next = await ask();
    await until(next.id, 'ready');
    expect(await find(long.id)).toBeUndefined();
    await api.get(`/api/tracks/${long.id}/sound`).expect(404);
  });

  it('that somebody began and left is taken up by another', async () => {
    const { id } = await ask();
    await until(id, 'ready');
    const left = `update job set state = 'working', beat_at = now() - interval '1 minute' where id = ?`;
    await orm.em.getConnection().execute(left, [id]);
    await app.get(JobWorker).look();
    await until(id, 'ready');
    const tired = `update job set state = 'working', tries = 3, beat_at = now() - interval '1 minute'
      where id = ?`;
    await orm.em.getConnection().execute(tired, [id]);
    await app.get(JobWorker).look();
    expect(await find(id)).toMatchObject({
      state: 'failed',
      problem: 'It was begun several times, and whoever did it stopped each time.',
    });
  });

  it('that would be too long, or of nobody, is refused in words', async () => {
    const keys = Array.from({ length: 12 }, (_, key) => key);
    const long = await api
      .post('/api/tracks')
      .send(bodyOf({ keys, times: 20, tempo: 30 }))
      .expect(400);
    expect(problemOf(long).errors?.[0]?.message).toMatch(
      /would be 65 minutes long; a WAV file has up to 15 minutes/,
    );
    await api
      .post('/api/tracks')
      .send(bodyOf({ heard: [] }))
      .expect(400);
    await api
      .post('/api/tracks')
      .send({ ...bodyOf(), tuneId: tune.arrangements[0]!.id })
      .expect(404);
  });

  it('goes with its tune, and is tidied away after two weeks', async () => {
    const { id } = await ask();
    await until(id, 'ready');
    const old = `update job set created_at = now() - interval '15 days' where id = ?`;
    await orm.em.getConnection().execute(old, [id]);
    await app.get(JobWorker).look();
    expect(await find(id)).toBeUndefined();
    const pieces = await orm.em
      .getConnection()
      .execute('select 1 from job_piece where job_id = ?', [id]);
    expect(pieces).toEqual([]);
  });
});

/** The fundamental of the first held note, by autocorrelation from a fifth of a second on. */
function pitchOf(samples: Float32Array): number {
  const [start, window] = [8820, 16_384];
  const correlation = (lag: number): number => {
    let sum = 0;
    for (let at = start; at < start + window; at += 1) sum += samples[at]! * samples[at + lag]!;
    return sum;
  };
  const lags = Array.from({ length: 500 }, (_, index) => index + 400);
  const values = lags.map(correlation);
  const best = values.indexOf(Math.max(...values));
  const [before, here, after] = [values[best - 1]!, values[best]!, values[best + 1]!];
  const shift = (before - after) / (2 * (before - 2 * here + after));
  return 44_100 / (lags[best]! + shift);
}

import type { ListedTune } from '@drop-close/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SummariesService } from '../src/tunes/summaries.service';
import { TimeOver, WorkPool } from '../src/workers/workPool';
import { createTune, type TestApi } from './builders';
import { startServer } from './server';

let app: NestExpressApplication;
let api: TestApi;

beforeAll(async () => {
  ({ app, api } = await startServer());
});
afterAll(() => app.close());

const listed = async (id: string): Promise<ListedTune> => {
  const tunes = (await api.get('/api/tunes').expect(200)).body as ListedTune[];
  return tunes.find((tune) => tune.id === id)!;
};
/** A machine so slow that the next analysis is given up. */
const slowOnce = (): void => {
  const over = new TimeOver('summarize took longer than 3000 ms');
  jest.spyOn(app.get(WorkPool), 'run').mockRejectedValueOnce(over);
};

const TEXT = '[A]\n| Dm7 | G7 | Cmaj7 | Cmaj7 |';

it('a tune whose analysis takes too long is listed with its bars and letters, and its landmarks follow', async () => {
  slowOnce();
  const { id } = await createTune(api, { text: TEXT });
  expect(await listed(id)).toMatchObject({ bars: 4, form: 'A', problems: 0, landmarks: [] });
  await app.get(SummariesService).settled();
  expect(await listed(id)).toMatchObject({ bars: 4, landmarks: ['ii–V–I'] });
});

it('one that is slow a second time is made by the next round', async () => {
  slowOnce();
  const { id } = await createTune(api, { text: TEXT });
  slowOnce();
  await app.get(SummariesService).settled();
  expect(await listed(id)).toMatchObject({ bars: 4, landmarks: [] });
  await app.get(SummariesService).refresh();
  expect(await listed(id)).toMatchObject({ bars: 4, landmarks: ['ii–V–I'] });
});

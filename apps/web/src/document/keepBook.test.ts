import type { ListedTune } from '@drop-close/core';
import '../testing/indexedDb';
import { Refusal, api } from '../api/client';
import { tuneOf, viewOf } from '../testing/tunes';
import { keepBook } from './keepBook';

const tune = tuneOf('| C6 | F6 |');
const none = new Refusal({ status: 404, title: 'Not Found', detail: 'There is no tune' });

afterEach(() => {
  jest.restoreAllMocks();
});

it('a tune that was thrown away while the book is kept leaves the others kept', async () => {
  const listed = ['one', 'gone', 'two'].map((id) => ({ id, changedAt: id }) as ListedTune);
  jest.spyOn(api, 'tunes').mockResolvedValue(listed);
  jest.spyOn(api, 'sets').mockResolvedValue([]);
  jest.spyOn(api, 'licks').mockResolvedValue([]);
  jest.spyOn(api, 'solos').mockResolvedValue([]);
  jest
    .spyOn(api, 'tune')
    .mockImplementation((id) =>
      id === 'gone' ? Promise.reject(none) : Promise.resolve(viewOf(id, tune)),
    );
  await keepBook();
  const kept = await Promise.all(['one', 'gone', 'two'].map((id) => api.keptSince(id)));
  expect(kept).toEqual(['one', undefined, 'two']);
});

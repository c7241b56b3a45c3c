import {
  defaultArrangement,
  parseChart,
  positionsIn,
  storeArrangement,
  type StoredArrangement,
} from '@drop-close/core';
import type supertest from 'supertest';
import type { ProblemDetails } from '../src/problem/problem';
import type { TuneView } from '../src/tunes/tune.views';

/** How a test asks the server. */
export type TestApi = ReturnType<typeof supertest>;

/** A tune as it is sent. */
export const tuneBody = (change: object = {}) => ({
  title: 'Slack Water',
  text: '[A]\n| Dm7 G7 | Cmaj7 |',
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
  ...change,
});

/** An arrangement in which nothing is said of any chord yet. */
export const nothingMarked: StoredArrangement = storeArrangement(
  defaultArrangement,
  positionsIn(parseChart('').chart, { transposed: 0 }),
);

/** A tune that is there now. */
export async function createTune(api: TestApi, change: object = {}): Promise<TuneView> {
  return (await api.post('/api/tunes').send(tuneBody(change)).expect(201)).body as TuneView;
}

/** What an answer says that says no. */
export function problemOf(response: supertest.Response): ProblemDetails {
  expect(response.type).toBe('application/problem+json');
  return response.body as ProblemDetails;
}

import { keyOf } from '../analysis/base/key';
import { parseChart } from '../chart/parseChart';
import { defaultInstruments, rooms } from '../voicing/data';
import { INSTRUMENT_IDS } from '../voicing/base/instruments';
import { makeEtude } from './etude';
import { inTwelveKeys, makeEtudeBook } from './etudeBook';
import { WAYS } from './rounds/rounds';
import type { EtudeRequest } from './types';

const request: EtudeRequest = {
  ...{ family: 'shell', cycle: 'diatonic fourths', kind: '7', key: 'Eb', triads: false },
  ...{ way: 'same shape', strings: [], instrument: 'guitar', room: rooms.alone },
};

it('an étude goes through all keys of its mode by fourths, beginning with its own', () => {
  expect(inTwelveKeys(request).map(({ key }) => key)).toEqual(
    'Eb Ab Db Gb B E A D G C F Bb'.split(' '),
  );
  expect(inTwelveKeys({ ...request, key: 'Am' })[1]!.key).toBe('Dm');
});

it('a book has the étude in every key, each as it is by itself, and tells how far it is', () => {
  const told: number[] = [];
  const made = makeEtudeBook(request, defaultInstruments, (done) => told.push(done));
  if (!made.ok) throw new Error(made.problem.message);
  const { name, etudes, without } = made.value;
  expect(name).toBe('Shell by fourths in all keys, same shape');
  expect(without).toEqual([]);
  expect(told).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
  expect(etudes).toEqual(
    inTwelveKeys(request).map((each) => {
      const own = makeEtude(each);
      return own.ok && own.value;
    }),
  );
  for (const { key, text } of etudes) {
    expect(parseChart(text).problems).toEqual([]);
    expect(text).toContain(`${keyOf(key).name}maj7`);
  }
});

it.each(INSTRUMENT_IDS)(
  'on %s a book of any family, nearest or in one shape, has every key or names it, each étude as by itself',
  (instrument) => {
    let keys = 0;
    for (const family of ['shell', 'drop2', 'close'] as const) {
      for (const way of WAYS) {
        for (const key of ['C', 'Am']) {
          const asked = { ...request, instrument, family, way, key };
          const made = makeEtudeBook(asked);
          const each = inTwelveKeys(asked).map((one) => ({ key: one.key, made: makeEtude(one) }));
          const there = each.filter((one) => one.made.ok);
          if (!made.ok) {
            expect(there).toEqual([]);
            continue;
          }
          expect(made.value.etudes.map((one) => one.key)).toEqual(there.map((one) => one.key));
          expect(made.value.without).toEqual(
            each.filter((one) => !one.made.ok).map((one) => one.key),
          );
          keys += there.length;
        }
      }
    }
    expect(keys).toBeGreaterThan(50);
  },
);

it('keys without such an étude are left out and named; with none at all the reason is told', () => {
  // From A2 to D4: too narrow for four strings to carry some keys, and for a shell to carry any.
  const window = { ...rooms.alone.window, low: 45, high: 62 };
  const narrow = {
    ...request,
    key: 'C',
    way: 'nearest',
    room: { ...rooms.alone, window },
  } as const;
  const some = makeEtudeBook({ ...narrow, family: 'drop2' });
  if (!some.ok) throw new Error(some.problem.message);
  expect(some.value.etudes.map(({ key }) => key)).toEqual('C F Bb A D G'.split(' '));
  expect(some.value.without).toEqual('Eb Ab Db Gb B E'.split(' '));
  expect(makeEtudeBook({ ...narrow, family: 'shell' })).toEqual({
    ok: false,
    problem: {
      message:
        'No set of strings carries the whole cycle. Choose another family, or a room with more register.',
    },
  });
});

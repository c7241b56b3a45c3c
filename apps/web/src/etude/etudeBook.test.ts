import {
  defaultInstruments,
  makeEtude,
  rooms,
  type Etude,
  type EtudeRequest,
} from '@drop-close/core';
import { inTwelveKeys, makeEtudeBook, type BookMaker } from './etudeBook';

const request: EtudeRequest = {
  ...{ family: 'shell', cycle: 'diatonic fourths', kind: '7', key: 'Eb', triads: false },
  ...{ way: 'same shape', strings: [], instrument: 'guitar', room: rooms.alone },
};

function desk(over: Partial<BookMaker> = {}) {
  const saved: string[] = [];
  const gone: string[] = [];
  const sets: { name: string; tunes: readonly string[] }[] = [];
  const maker: BookMaker = {
    make: (each, instruments) => {
      const made = makeEtude(each, instruments);
      return Promise.resolve(made.ok ? { etude: made.value } : { problem: made.problem.message });
    },
    save: ({ title }: Etude) => {
      saved.push(title);
      return Promise.resolve(title);
    },
    throwAway: (id) => {
      gone.push(id);
      return Promise.resolve();
    },
    collect: (name, tunes) => {
      sets.push({ name, tunes });
      return Promise.resolve('set');
    },
    onKey: () => true,
    ...over,
  };
  return { saved, gone, sets, maker };
}

it('an étude goes through all keys of its mode by fourths, beginning with its own', () => {
  expect(inTwelveKeys(request).map(({ key }) => key)).toEqual(
    'Eb Ab Db Gb B E A D G C F Bb'.split(' '),
  );
  expect(inTwelveKeys({ ...request, key: 'Am' })[1]!.key).toBe('Dm');
});

it('a book of études is a set of twelve tunes, in order', async () => {
  const { maker, sets, gone } = desk();
  const made = await makeEtudeBook(request, defaultInstruments, maker);
  expect(made).toEqual({ status: 'made', setId: 'set', without: [] });
  expect(sets[0]!.name).toBe('Shell by fourths in all keys, same shape');
  expect(sets[0]!.tunes).toHaveLength(12);
  expect(sets[0]!.tunes[1]).toBe('Shell by fourths in Ab, same shape');
  expect(gone).toEqual([]);
});

it('given up while it is made, nothing is saved; while it is saved, all is thrown away again', async () => {
  const early = desk({ onKey: (done) => done < 3 });
  expect(await makeEtudeBook(request, defaultInstruments, early.maker)).toEqual({
    status: 'given up',
  });
  expect(early.saved).toEqual([]);
  let told = 0;
  const late = desk({ onKey: () => (told += 1) < 15 });
  await makeEtudeBook(request, defaultInstruments, late.maker);
  expect(late.saved).toHaveLength(2);
  expect(late.gone).toEqual(late.saved);
  expect(late.sets).toEqual([]);
});

it('where the server fails half way all is thrown away again, and the reason is told', async () => {
  const { maker, gone } = desk();
  let count = 0;
  const failing: BookMaker = {
    ...maker,
    save: (etude) => {
      count += 1;
      return count > 4 ? Promise.reject(new Error('no room')) : maker.save(etude);
    },
  };
  await expect(makeEtudeBook(request, defaultInstruments, failing)).rejects.toThrow('no room');
  expect(gone).toHaveLength(4);
});

it('keys without such an étude are left out and told; with none at all the reason is given', async () => {
  const { maker, sets } = desk();
  const picky: BookMaker = {
    ...maker,
    make: (each, instruments) =>
      each.key === 'B' ? Promise.resolve({ problem: 'none' }) : maker.make(each, instruments),
  };
  const made = await makeEtudeBook(request, defaultInstruments, picky);
  expect(made).toEqual({ status: 'made', setId: 'set', without: ['B'] });
  expect(sets[0]!.tunes).toHaveLength(11);
  const none: BookMaker = { ...maker, make: () => Promise.resolve({ problem: 'no such form' }) };
  await expect(makeEtudeBook(request, defaultInstruments, none)).rejects.toThrow('no such form');
});

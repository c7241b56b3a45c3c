import '../testing/indexedDb';
import { closeLocalDatabase } from '../local/database';
import { keep, LatestOnly, useKeeping } from '../local/keeping';
import { tuneOf } from '../testing/tunes';
import { bringOver, forgetEdit, keepEdit, keptEdits, type KeptEdit } from './keptEdits';

const tune = tuneOf('| C6 |');
const edit = (change: Partial<KeptEdit> = {}, tuneId = 't'): KeptEdit => ({
  document: { ...tune, text: '| F6 |' },
  stored: tune,
  origin: { tuneId, arrangementId: 'a', tuneVersion: 3, arrangementVersion: 1 },
  tab: 'one',
  at: 1000,
  ...change,
});

beforeEach(async () => {
  for (const { origin, tab } of await keptEdits()) await forgetEdit(origin.tuneId, tab);
});

describe('what this browser keeps of unsaved edits', () => {
  it('is one record a tune and tab: none overwrites that of another tab', async () => {
    await keepEdit(edit());
    await keepEdit(edit({ tab: 'two', at: 2000 }));
    await keepEdit(edit({ at: 3000, document: { ...tune, text: '| G6 |' } }));
    await keepEdit(edit({}, 'other'));
    const kept = await keptEdits('t');
    expect(kept.map(({ tab, document }) => [tab, document.text])).toEqual([
      ['one', '| G6 |'],
      ['two', '| F6 |'],
    ]);
    expect(await keptEdits()).toHaveLength(3);
  });

  it('comes back to the last field, also when the store was closed meanwhile', async () => {
    await keepEdit(edit());
    await closeLocalDatabase();
    expect(await keptEdits('t')).toEqual([edit()]);
  });

  it('is forgotten one by one', async () => {
    await keepEdit(edit());
    await keepEdit(edit({ tab: 'two' }));
    await forgetEdit('t', 'one');
    expect((await keptEdits('t')).map(({ tab }) => tab)).toEqual(['two']);
  });

  it('is brought over from where earlier versions kept it: what is unsaved, and only that', async () => {
    const { tab: _, at: __, ...copy } = edit();
    const shelf = new Map([
      ['drop-close tune t', JSON.stringify({ ...copy, unsaved: true })],
      ['drop-close tune u', JSON.stringify({ ...copy, unsaved: false })],
      ['drop-close tune v', '{"document"'],
      ['something else', 'x'],
    ]);
    await bringOver({
      length: shelf.size,
      key: (at: number) => [...shelf.keys()][at] ?? null,
      getItem: (name: string) => shelf.get(name) ?? null,
      removeItem: (name: string) => shelf.delete(name),
    } as unknown as Storage);
    expect(await keptEdits()).toEqual([edit({ tab: 'earlier', at: 0 })]);
    expect([...shelf.keys()]).toEqual(['something else']);
  });
});

describe('a browser that cannot keep', () => {
  const full = Object.assign(new Error('no room'), { name: 'QuotaExceededError' });

  it.each([
    ['full', full],
    ['blocked', new Error('not allowed')],
  ])('is said to be %s until it can again', async (trouble, error) => {
    expect(await keep(() => Promise.reject(error))).toBe(false);
    expect(useKeeping.getState().trouble).toBe(trouble);
    expect(await keep(() => Promise.resolve())).toBe(true);
    expect(useKeeping.getState().trouble).toBeUndefined();
  });
});

it('a store that never answers is said to be blocked, and holds nothing up', async () => {
  jest.useFakeTimers();
  const hanging = keep(() => new Promise(() => undefined));
  await jest.advanceTimersByTimeAsync(10_000);
  expect(await hanging).toBe(false);
  expect(useKeeping.getState().trouble).toBe('blocked');
  jest.useRealTimers();
});

it('of things to keep that wait for each other only the last is done', async () => {
  const done: number[] = [];
  const latest = new LatestOnly();
  const slow = (n: number) => async () => {
    await new Promise((resolve) => setTimeout(resolve, 5));
    done.push(n);
  };
  void latest.do(slow(1));
  void latest.do(slow(2));
  await latest.do(slow(3));
  expect(done).toEqual([1, 3]);
});

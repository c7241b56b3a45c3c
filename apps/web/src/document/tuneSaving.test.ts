import '../testing/indexedDb';
import { api } from '../api/client';
import { tuneOf, viewOf } from '../testing/tunes';
import { keptEdits, type KeptEdit } from './keptEdits';
import { useDocument } from './store';
import { saveNow, startSaving } from './tuneSaving';

const pass = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

interface EditStore {
  readonly keepEdit: (edit: KeptEdit) => Promise<void>;
}

/** A browser whose store is slower than the server. */
jest.mock('./keptEdits', () => {
  const real = jest.requireActual<EditStore>('./keptEdits');
  const keepEdit = async (edit: KeptEdit): Promise<void> => {
    await real.keepEdit(edit);
    await pass(100);
  };
  return { ...real, keepEdit };
});

const nothing = (): void => undefined;

/** There is no other tab. */
class Nobody {
  readonly addEventListener = nothing;
  readonly removeEventListener = nothing;
  readonly postMessage = nothing;
}

beforeAll(() => {
  const window = { addEventListener: nothing, removeEventListener: nothing };
  const location = { pathname: '/tune/one/chart' };
  Object.assign(globalThis, { window: { ...window, location }, BroadcastChannel: Nobody });
});
afterAll(() => {
  Reflect.deleteProperty(globalThis, 'window');
});

it('a tune is said to be saved only when nothing of it waits in this browser any more', async () => {
  const tune = tuneOf('| C6 | F6 |');
  const origin = { tuneId: 'one', arrangementId: 'one-a', tuneVersion: 1, arrangementVersion: 1 };
  jest.spyOn(api, 'keptTune').mockResolvedValue(undefined);
  const save = jest.spyOn(api, 'saveTune').mockResolvedValue(viewOf('one', tune, 2));
  const { open, dispatch } = useDocument.getState();
  open(tune, origin);
  const stop = startSaving();
  dispatch({ type: 'set field', field: 'title', value: 'Ebb' });
  const left = new Promise<KeptEdit[]>((resolve) => {
    useDocument.subscribe(({ save: { kind } }) => {
      if (kind === 'saved') resolve(keptEdits('one'));
    });
  });
  while (!(await keptEdits('one')).length) await pass(5);
  await saveNow();
  expect(save).toHaveBeenCalledTimes(1);
  expect(await left).toEqual([]);
  stop();
});

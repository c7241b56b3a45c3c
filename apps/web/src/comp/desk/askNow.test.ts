import type { ComposedChoruses } from '../../engine/protocol';
import { clearComposition, useCompositionStore } from '../../engine/useComposition';
import { askNow } from './askNow';

const choruses = (id: number) => ({ id }) as ComposedChoruses;
const compose = (id: number): void => {
  useCompositionStore.setState({ working: false, composed: choruses(id) });
};
const working = (): void => {
  useCompositionStore.setState({ working: true });
};

beforeEach(clearComposition);

it('asks about the choruses that are there', async () => {
  compose(1);
  expect(await askNow(({ id }) => Promise.resolve(`of ${id}`))).toBe('of 1');
});

it('waits until an edit just made is composed', async () => {
  compose(1);
  working();
  const answer = askNow(({ id }) => Promise.resolve(`of ${id}`));
  compose(2);
  expect(await answer).toBe('of 2');
});

it('asks again where the choruses were composed anew meanwhile, so that no click is lost', async () => {
  compose(1);
  const asked: number[] = [];
  const answer = askNow(({ id }) => {
    asked.push(id);
    // The engine holds the latest choruses alone.
    if (id < 3) {
      working();
      setTimeout(compose, 5, id + 1);
      return Promise.resolve(undefined);
    }
    return Promise.resolve(`of ${id}`);
  });
  expect(await answer).toBe('of 3');
  expect(asked).toEqual([1, 2, 3]);
});

it('what the engine has no answer to is asked once', async () => {
  compose(1);
  const ask = jest.fn(() => Promise.resolve<string | undefined>(undefined));
  expect(await askNow(ask)).toBeUndefined();
  expect(ask).toHaveBeenCalledTimes(1);
});

it('with nothing composed nothing is asked', async () => {
  const ask = jest.fn(() => Promise.resolve<string | undefined>('asked'));
  expect(await askNow(ask)).toBeUndefined();
  expect(ask).not.toHaveBeenCalled();
});

/** A store of the last answer of the engine, which stays until the next one is there. */
interface AnswerStore {
  readonly getState: () => { readonly working: boolean };
  readonly subscribe: (listener: () => void) => () => void;
}

/** Answers come anew while one asks about the last ones; more often than this nobody waits. */
const MOST_TRIES = 10;

/**
 * Asks about what the engine has answered last, once all edits so far are answered; asked again where they were
 * answered anew meanwhile, so that no press is lost.
 * @param stores whose work is waited for
 * @param latest what there is to ask about; nothing where the engine had no answer
 */
export async function askLatest<A, T>(
  stores: readonly AnswerStore[],
  latest: () => A | undefined,
  ask: (answer: A) => Promise<T | undefined>,
): Promise<T | undefined> {
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    await allAnswered(stores);
    const about = latest();
    const answer = about && (await ask(about));
    if (answer !== undefined || (!isWorking(stores) && latest() === about)) return answer;
  }
  return undefined;
}

const isWorking = (stores: readonly AnswerStore[]): boolean =>
  stores.some((store) => store.getState().working);

const allAnswered = (stores: readonly AnswerStore[]): Promise<void> =>
  new Promise((resolve) => {
    if (!isWorking(stores)) {
      resolve();
      return;
    }
    const stops = stores.map((store) =>
      store.subscribe(() => {
        if (isWorking(stores)) return;
        for (const stop of stops) stop();
        resolve();
      }),
    );
  });

import type { Etude, EtudeRequest, Instruments } from '@drop-close/core';
import type { MadeEtude } from '../engine/protocol';

/** All keys, each a fourth above the one before. Source: common practice. */
export const TWELVE_KEYS = [
  'C',
  'F',
  'Bb',
  'Eb',
  'Ab',
  'Db',
  'Gb',
  'B',
  'E',
  'A',
  'D',
  'G',
] as const;

/** Whether an étude is in one key, and so can be made in the others. */
export const isOfOneKey = ({ cycle }: Pick<EtudeRequest, 'cycle'>): boolean =>
  cycle !== 'circle of fourths' && cycle !== 'ii–V–I';

/** The same étude in all keys of its mode, beginning with its own. */
export function inTwelveKeys(request: EtudeRequest): EtudeRequest[] {
  const mode = request.key.endsWith('m') ? 'm' : '';
  const tonic = request.key.replace(/m$/, '');
  const first = Math.max(
    0,
    TWELVE_KEYS.findIndex((key) => key === tonic),
  );
  return TWELVE_KEYS.map((_, at) => ({
    ...request,
    key: `${TWELVE_KEYS[(first + at) % TWELVE_KEYS.length]!}${mode}`,
  }));
}

/** What the maker of a book of études works with. */
export interface BookMaker {
  readonly make: (request: EtudeRequest, instruments: Instruments) => Promise<MadeEtude>;
  /** @returns the tune's id */
  readonly save: (etude: Etude) => Promise<string>;
  readonly throwAway: (tuneId: string) => Promise<unknown>;
  /** @returns the set's id */
  readonly collect: (name: string, tuneIds: readonly string[]) => Promise<string>;
  /** Told how many keys are done; false gives the book up. */
  readonly onKey: (done: number) => boolean;
}

export type BookOutcome =
  | { readonly status: 'made'; readonly setId: string; readonly without: readonly string[] }
  | { readonly status: 'given up' };

/**
 * An étude in all twelve keys as a set of the book. All of it is made before any is saved; what is saved is thrown away
 * again where the book is given up or cannot be finished. Keys in which there is no such étude are left out and told.
 * @throws what the server said, or why there is none in any key
 */
export async function makeEtudeBook(
  request: EtudeRequest,
  instruments: Instruments,
  { make, save, throwAway, collect, onKey }: BookMaker,
): Promise<BookOutcome> {
  const asked = inTwelveKeys(request);
  const made: Etude[] = [];
  const without: string[] = [];
  let problem = '';
  for (const [at, each] of asked.entries()) {
    if (!onKey(at)) return { status: 'given up' };
    const answer = await make(each, instruments);
    if (answer.etude) made.push(answer.etude);
    else {
      without.push(each.key);
      problem = answer.problem ?? problem;
    }
  }
  if (!made.length) throw new Error(problem);
  const saved: string[] = [];
  try {
    for (const etude of made) {
      if (!onKey(asked.length)) throw new GivenUp();
      saved.push(await save(etude));
    }
    return { status: 'made', setId: await collect(bookName(made[0]!, request), saved), without };
  } catch (error) {
    await Promise.allSettled(saved.map(throwAway));
    if (error instanceof GivenUp) return { status: 'given up' };
    throw error;
  }
}

class GivenUp extends Error {}

/** "Drop 2 by fourths in all keys". */
const bookName = ({ title }: Etude, { key }: EtudeRequest): string =>
  title.replace(` in ${key}`, ' in all keys');

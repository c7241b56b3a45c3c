import type { MikroORM } from '@mikro-orm/core';

/** Of all that ask for it, one has it; any number will do. */
const LOCK = 46_80;
const ASK_EVERY_MS = 200;
const LONGEST_WAIT_MS = 120_000;

/**
 * Does something to the book as a whole while no other process does: a server, or a loader of demo tunes,
 * that outlived its ./start may still be at it.
 * @throws where another holds it for minutes
 */
export async function withBookLock<T>(orm: MikroORM, work: () => Promise<T>): Promise<T> {
  const em = orm.em.fork();
  await em.begin();
  try {
    const ask = 'select pg_try_advisory_xact_lock(?) as held';
    const end = Date.now() + LONGEST_WAIT_MS;
    for (;;) {
      const connection = em.getConnection();
      const answer: unknown = await connection.execute(
        ask,
        [LOCK],
        'get',
        em.getTransactionContext(),
      );
      if ((answer as { held: boolean }).held) break;
      if (Date.now() > end)
        throw new Error('Another Drop Close has been at this book for minutes.');
      await new Promise((resolve) => setTimeout(resolve, ASK_EVERY_MS));
    }
    return await work();
  } finally {
    await em.rollback();
  }
}

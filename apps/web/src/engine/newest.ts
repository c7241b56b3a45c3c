/** Thrown at a caller whose request a newer one has overtaken. */
export class Overtaken extends Error {}

/**
 * Runs one task at a time and keeps only the newest of those that wait; the ones in between are told
 * that they were overtaken. A burst of requests so costs two runs, not one for each.
 */
export function newestWins<A, R>(task: (argument: A) => Promise<R>): (argument: A) => Promise<R> {
  type Waiting = {
    argument: A;
    resolve: (result: R) => void;
    reject: (error: unknown) => void;
  };
  let waiting: Waiting | undefined;
  let running = false;
  const next = (): void => {
    const job = waiting;
    if (running || !job) return;
    waiting = undefined;
    running = true;
    task(job.argument)
      .then((result) => {
        if (waiting) job.reject(new Overtaken());
        else job.resolve(result);
      }, job.reject)
      .finally(() => {
        running = false;
        next();
      });
  };
  return (argument) =>
    new Promise<R>((resolve, reject) => {
      waiting?.reject(new Overtaken());
      waiting = { argument, resolve, reject };
      next();
    });
}

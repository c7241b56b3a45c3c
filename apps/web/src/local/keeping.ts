import { create } from 'zustand';

/** Why this browser cannot keep a copy just now. */
export type KeepingTrouble = 'full' | 'blocked';

/** Whether what is unsaved is kept in this browser too. */
export const useKeeping = create<{ readonly trouble: KeepingTrouble | undefined }>(() => ({
  trouble: undefined,
}));

/** A store that has not done its work by then counts as blocked, in ms. */
const PATIENCE = 10_000;

/** Does something with the browser's store, and notes whether that went. @returns whether it did */
export async function keep(work: () => Promise<unknown>): Promise<boolean> {
  try {
    await inTime(work());
    if (useKeeping.getState().trouble) useKeeping.setState({ trouble: undefined });
    return true;
  } catch (error) {
    useKeeping.setState({ trouble: isFull(error) ? 'full' : 'blocked' });
    return false;
  }
}

async function inTime(work: Promise<unknown>): Promise<void> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise((_, reject) => {
    timer = setTimeout(() => {
      reject(new Error('This browser’s store does not answer.'));
    }, PATIENCE);
  });
  await Promise.race([work, late]).finally(() => {
    clearTimeout(timer);
  });
}

const isFull = (error: unknown): boolean =>
  error instanceof Error && error.name === 'QuotaExceededError';

/** Does things one after the other, and of those that wait only the last. */
export class LatestOnly {
  private running: Promise<void> | undefined;
  private next: (() => Promise<unknown>) | undefined;

  /** @returns once nothing is left to do */
  do(work: () => Promise<unknown>): Promise<void> {
    this.next = work;
    this.running ??= this.run();
    return this.running;
  }

  /** @returns once nothing is left to do */
  async done(): Promise<void> {
    await this.running;
  }

  private async run(): Promise<void> {
    while (this.next) {
      const work = this.next;
      this.next = undefined;
      await work();
    }
    this.running = undefined;
  }
}

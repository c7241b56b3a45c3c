import { localDatabase } from './database';

/** Keeps what the server answered, for when it is away. A browser that keeps nothing is no failure here. */
export async function keepAnswer(path: string, answer: unknown): Promise<void> {
  try {
    await (await localDatabase()).put('answers', { path, answer });
  } catch {
    // What cannot be kept is asked for again.
  }
}

/** Forgets what the server answered; what is unsaved stays. */
export async function forgetAnswers(): Promise<void> {
  try {
    await (await localDatabase()).clear('answers');
  } catch {
    // Nothing was kept.
  }
}

/** What the server answered last at a path, or `undefined` where it is not kept. */
export async function keptAnswer(path: string): Promise<unknown> {
  try {
    return (await (await localDatabase()).get('answers', path))?.answer;
  } catch {
    return undefined;
  }
}

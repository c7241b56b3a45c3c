import { plainLetters, searchedWords } from '@drop-close/core';

/** Something a player does in a week, in six lines. */
export interface Task {
  readonly id: string;
  readonly title: string;
  readonly picture: string;
  /** What is seen on the picture. */
  readonly about: string;
  readonly steps: readonly string[];
}

/** The tasks that say every word of a search, each with the steps that say one; all of them where nothing is searched. */
export function found(tasks: readonly Task[], search: string): readonly Task[] {
  const words = searchedWords(search);
  return tasks.flatMap((task) => {
    const whole = plainLetters([task.title, ...task.steps].join(' '));
    if (!words.every((word) => whole.includes(word))) return [];
    const inTitle = words.every((word) => plainLetters(task.title).includes(word));
    const steps = task.steps.filter((step) =>
      words.some((word) => plainLetters(step).includes(word)),
    );
    return [words.length && !inTitle ? { ...task, steps } : task];
  });
}

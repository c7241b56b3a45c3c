import 'reflect-metadata';
import type { FieldProblem } from '../problem/problem';
import { bodyClasses } from '../edge/bodies';
import { checkBody } from '../edge/checkBody';
import { summarize, type TuneSummary } from '../tunes/summary';

/** What workers do, by its name: what it is given, and what it gives. */
export interface Tasks {
  readonly check: [{ readonly name: string; readonly body: unknown }, FieldProblem[]];
  readonly summarize: [
    { readonly text: string; readonly meter: string; readonly key: string },
    TuneSummary,
  ];
}

type TaskFunctions = { readonly [K in keyof Tasks]: (given: Tasks[K][0]) => Tasks[K][1] };

const functions: TaskFunctions = {
  check: ({ name, body }) => {
    const bodyClass = bodyClasses.get(name);
    if (!bodyClass) throw new Error(`${name} is not in edge/bodies`);
    return checkBody(bodyClass, body).problems;
  },
  summarize,
};

/** Runs in a worker. */
export default function run({ task, given }: { task: keyof Tasks; given: never }): unknown {
  return functions[task](given);
}

import { readFileSync, readdirSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import * as units from '../base/units';

/**
 * Runs the examples in docstrings: `@example expression // value`, with the units and the exports of their
 * file in scope. An example without a value shows a call and is not run.
 */
const SOURCE = resolve(__dirname, '../../src');
const COMPILED = resolve(__dirname, '..');

const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !/\.(test|d)\.ts$/.test(name))
  .map((name) => join(SOURCE, name));

interface Example {
  readonly file: string;
  readonly expression: string;
  readonly value: string;
}

const examples = files.flatMap((file): Example[] =>
  [...readFileSync(file, 'utf8').matchAll(/@example (.+?) \/\/ (.+?)(?: \*\/)?$/gm)].map(
    ([, expression = '', value = '']) => ({ file: relative(SOURCE, file), expression, value }),
  ),
);

function evaluate(code: string, scope: Record<string, unknown>): unknown {
  // eslint-disable-next-line @typescript-eslint/no-implied-eval -- the examples are our own source
  const run = new Function(...Object.keys(scope), `return (${code});`) as (
    ...values: unknown[]
  ) => unknown;
  return run(...Object.values(scope));
}

it('finds the examples', () => {
  expect(examples.length).toBeGreaterThan(20);
});

it.each(examples)('$file: $expression is $value', ({ file, expression, value }) => {
  const own = jest.requireActual<Record<string, unknown>>(
    join(COMPILED, file.replace(/\.ts$/, '.js')),
  );
  expect(evaluate(expression, { ...units, ...own })).toEqual(evaluate(value, {}));
});

import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidatorOptions } from 'class-validator';
import { fieldProblems } from '../problem/errors';
import type { FieldProblem } from '../problem/problem';
import type { BodyClass } from './bodies';

const STRICT: ValidatorOptions = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
};

/** A body as its class, and what is wrong with it. */
export function checkBody(
  bodyClass: BodyClass,
  body: unknown,
): { readonly checked: object; readonly problems: FieldProblem[] } {
  const checked = plainToInstance(bodyClass, body ?? {}, { enableCircularCheck: false });
  return { checked, problems: fieldProblems(validateSync(checked, STRICT)) };
}

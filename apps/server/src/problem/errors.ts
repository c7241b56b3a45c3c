import { BadRequestException, ConflictException, NotFoundException } from '@nestjs/common';
import type { ValidationError } from 'class-validator';
import type { FieldProblem } from './problem';

/** A body whose fields are not as they should be; every one of them is named. */
export class InvalidBody extends BadRequestException {
  constructor(readonly errors: readonly FieldProblem[]) {
    super(`Some fields are not as they should be: ${errors.map(({ path }) => path).join(', ')}.`);
  }
}

/** A save that started from an older version than the stored one. */
export class StaleSave extends ConflictException {
  constructor(
    readonly yours: unknown,
    readonly theirs: unknown,
  ) {
    super('This was changed elsewhere since it was opened here; nothing was overwritten.');
  }
}

/** What can be missing. */
export type ThingName = 'tune' | 'arrangement' | 'set' | 'solo line' | 'lick';

export class NoSuchThing extends NotFoundException {
  constructor(what: ThingName, id: string) {
    super(`There is no ${what} with the id "${id}".`);
  }
}

/** Flattens class-validator's tree into paths. */
export function fieldProblems(errors: readonly ValidationError[], parent = ''): FieldProblem[] {
  return errors.flatMap((error) => {
    const path = parent ? `${parent}.${error.property}` : error.property;
    const own = Object.values(error.constraints ?? {}).map((message) => ({ path, message }));
    return [...own, ...fieldProblems(error.children ?? [], path)];
  });
}

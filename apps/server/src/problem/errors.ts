import {
  BadRequestException,
  ConflictException,
  ForbiddenException,
  HttpException,
  HttpStatus,
  MisdirectedException,
  NotFoundException,
  PayloadTooLargeException,
  UnauthorizedException,
} from '@nestjs/common';
import type { ValidationError } from 'class-validator';
import type { FieldProblem } from './problem';

/** Fields that are named one by one; a client that gets these wrong gets the rest wrong too. */
const MOST_NAMED = 20;
const MOST_IN_DETAIL = 5;

/** A body whose fields are not as they should be; each of them is named, up to a number. */
export class InvalidBody extends BadRequestException {
  readonly errors: readonly FieldProblem[];

  constructor(errors: readonly FieldProblem[]) {
    const paths = errors.slice(0, MOST_IN_DETAIL).map(({ path }) => path);
    const more = errors.length > paths.length ? ` and ${errors.length - paths.length} more` : '';
    super(`Some fields are not as they should be: ${paths.join(', ')}${more}.`);
    this.errors = errors.slice(0, MOST_NAMED);
  }
}

/** Asked under a name that is not this server's. */
export class UnknownHost extends MisdirectedException {
  constructor(host: string) {
    super(`This server does not answer for "${host}"; DROP_CLOSE_HOSTS names what it answers for.`);
  }
}

/** Another page asked to change something. */
export class NotFromHere extends ForbiddenException {
  constructor() {
    super('Only pages of this server can change what is in the book.');
  }
}

/** The book has a passphrase, and who asks has not entered with it. */
export class Locked extends UnauthorizedException {
  constructor() {
    super('This book has a passphrase: enter it first.');
  }
}

export class WrongPassphrase extends ForbiddenException {
  constructor() {
    super('That is not the passphrase of this book.');
  }
}

/** Asked more often than anybody needs to. */
export class TooMany extends HttpException {
  /** @param seconds after which it may be asked again */
  constructor(seconds: number) {
    super(
      `That was asked too often; try again in ${seconds} seconds.`,
      HttpStatus.TOO_MANY_REQUESTS,
    );
  }
}

/** Within the size of a body, and still more than is done for one request. */
export class Overlong extends PayloadTooLargeException {}

/** A save that started from an older version than the stored one. */
export class StaleSave extends ConflictException {
  /** @param theirs what is stored; what was sent is known to who sent it */
  constructor(readonly theirs: unknown) {
    super('This was changed elsewhere since it was opened here; nothing was overwritten.');
  }
}

/** What cannot be done to a tune as it is. */
export class LastArrangement extends ConflictException {
  constructor() {
    super('This is the only arrangement of its tune; a tune keeps one.');
  }
}

export class TooManyArrangements extends ConflictException {
  constructor() {
    super('A tune has up to 20 arrangements; throw one away first.');
  }
}

/** What can be missing. */
export type ThingName =
  | 'tune'
  | 'arrangement'
  | 'set'
  | 'solo line'
  | 'lick'
  | 'session'
  | 'track'
  | 'job'
  | 'file'
  | 'entry of the logbook';

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

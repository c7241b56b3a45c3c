import { Injectable, type PipeTransform } from '@nestjs/common';
import { isUUID } from 'class-validator';
import { InvalidBody } from './errors';

/** Lets only ids through that could exist. */
@Injectable()
export class IdPipe implements PipeTransform<string, string> {
  transform(value: string): string {
    if (isUUID(value)) return value;
    throw new InvalidBody([{ path: 'id', message: `"${value}" is no id: it should be a UUID` }]);
  }
}

/** The same where none need be given. */
@Injectable()
export class MaybeIdPipe implements PipeTransform<string | undefined, string | undefined> {
  private readonly ids = new IdPipe();

  transform(value: string | undefined): string | undefined {
    return value === undefined ? undefined : this.ids.transform(value);
  }
}

import { itemOf } from '@drop-close/core';
import { Injectable, type PipeTransform } from '@nestjs/common';
import { InvalidBody } from '../../problem/errors';

/** Lets only names of items through. */
@Injectable()
export class ItemPipe implements PipeTransform<unknown, string> {
  transform(value: unknown): string {
    const key = typeof value === 'string' ? value : '';
    const read = itemOf(key);
    if (read.ok) return key;
    throw new InvalidBody([{ path: 'item', message: read.problem }]);
  }
}

/** The same where none need be given. */
@Injectable()
export class MaybeItemPipe implements PipeTransform<unknown, string | undefined> {
  private readonly items = new ItemPipe();

  transform(value: unknown): string | undefined {
    return value === undefined ? undefined : this.items.transform(value);
  }
}

import { LONGEST_TITLE, unstorableIn } from '@drop-close/core';
import { Injectable, type PipeTransform } from '@nestjs/common';
import { InvalidBody } from '../problem/errors';

/** What is looked for in titles: a text no longer than a title; none is as good as empty. */
@Injectable()
export class SearchPipe implements PipeTransform<unknown, string> {
  transform(value: unknown = ''): string {
    const isText = typeof value === 'string' && value.length <= LONGEST_TITLE;
    if (isText && !unstorableIn(value)) return value;
    const message = `search should be one text of up to ${LONGEST_TITLE} characters`;
    throw new InvalidBody([{ path: 'search', message }]);
  }
}

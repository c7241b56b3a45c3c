import { Injectable, type PipeTransform } from '@nestjs/common';
import { InvalidBody } from '../problem/errors';

/** ISO 8601 as the server writes it. */
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d{1,6})?Z$/;

/** Lets only moments through; nothing, where none is given. */
@Injectable()
export class MomentPipe implements PipeTransform<string | undefined, Date | undefined> {
  transform(value: string | undefined): Date | undefined {
    if (value === undefined) return undefined;
    const moment = new Date(value);
    if (MOMENT.test(value) && !Number.isNaN(moment.getTime())) return moment;
    const message = `"${value}" is no moment: it should be as 2026-11-29T18:30:00.000Z`;
    throw new InvalidBody([{ path: 'at', message }]);
  }
}

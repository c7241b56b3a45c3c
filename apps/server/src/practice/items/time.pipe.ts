import { Injectable, type PipeTransform } from '@nestjs/common';
import { InvalidBody } from '../../problem/errors';

/** Lets times through, in ms since 1970; now, where none is given. */
@Injectable()
export class TimePipe implements PipeTransform<unknown, number> {
  transform(value: unknown): number {
    if (value === undefined) return Date.now();
    if (typeof value === 'string' && /^\d{1,15}$/.test(value)) return Number(value);
    const message = `"${String(value)}" is no time: it should be in ms since 1970`;
    throw new InvalidBody([{ path: 'by', message }]);
  }
}

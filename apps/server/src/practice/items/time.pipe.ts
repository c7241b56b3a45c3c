import { Injectable, type PipeTransform } from '@nestjs/common';
import { InvalidBody } from '../../problem/errors';

/** Lets times through, in ms since 1970; now, where none is given. */
@Injectable()
export class TimePipe implements PipeTransform<string | undefined, number> {
  transform(value: string | undefined): number {
    if (value === undefined) return Date.now();
    if (/^\d{1,15}$/.test(value)) return Number(value);
    const message = `"${value}" is no time: it should be in ms since 1970`;
    throw new InvalidBody([{ path: 'by', message }]);
  }
}

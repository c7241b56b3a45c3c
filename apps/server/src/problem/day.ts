import { dayNumber } from '@drop-close/core';
import { ValidatorConstraint, type ValidatorConstraintInterface } from 'class-validator';

/** A day of the calendar. */
@ValidatorConstraint({ name: 'day' })
export class IsDay implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    return typeof value === 'string' && dayNumber(value) !== undefined;
  }
  defaultMessage(): string {
    return 'day should be year, month and day, as 2026-11-29';
  }
}

import { FEELS, parseKey, parseMeter } from '@drop-close/core';
import { IsIn, IsInt, IsString, Max, MaxLength, Min, MinLength, Validate } from 'class-validator';
import { ValidatorConstraint, type ValidatorConstraintInterface } from 'class-validator';

@ValidatorConstraint({ name: 'key' })
export class IsKey implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    return typeof value === 'string' && parseKey(value) === value;
  }
  defaultMessage(): string {
    return 'key should be a letter A to G, with b or # and m for minor, as Eb or F#m';
  }
}

@ValidatorConstraint({ name: 'meter' })
export class IsMeter implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    return typeof value === 'string' && parseMeter(value) !== undefined;
  }
  defaultMessage(): string {
    return 'meter should be beats and unit, as 4/4 or 6/8';
  }
}

/** The longest text of a chart that is stored, in characters. */
const LONGEST_TEXT = 50_000;
export const LONGEST_TITLE = 120;

export class TuneBody {
  @IsString()
  @MinLength(1)
  @MaxLength(LONGEST_TITLE)
  title!: string;

  /** The changes as typed, readable or not. */
  @IsString()
  @MaxLength(LONGEST_TEXT)
  text!: string;

  @Validate(IsKey)
  key!: string;

  @Validate(IsMeter)
  meter!: string;

  @IsInt()
  @Min(30)
  @Max(360)
  tempo!: number;

  @IsIn(FEELS)
  feel!: string;
}

export class TuneSave extends TuneBody {
  /** The version this save started from. */
  @IsInt()
  @Min(1)
  version!: number;
}

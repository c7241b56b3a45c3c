import { readNotes, type LickFields } from '@drop-close/core';
import {
  IsInt,
  IsNotEmpty,
  IsString,
  Matches,
  MaxLength,
  Min,
  Validate,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator';
import type { SameShape } from '../problem/shape';

/** More than a phrase of eight bars takes to write. */
const LONGEST_TEXT = 1200;

/** Notes that cannot be read are refused with what is wrong of them. */
@ValidatorConstraint()
class ReadableNotes implements ValidatorConstraintInterface {
  validate(text: unknown): boolean {
    return typeof text === 'string' && readNotes(text).ok;
  }

  defaultMessage({ value }: ValidationArguments): string {
    const read = readNotes(String(value));
    return read.ok ? '' : read.problem;
  }
}

export class LickBody {
  @IsString() @IsNotEmpty() @MaxLength(80) name!: string;
  @Matches(/^[A-G](b|#){0,2}$/, { message: 'key must be a root, as Bb' }) key!: string;
  @Validate(ReadableNotes) @IsString() @MaxLength(LONGEST_TEXT) notes!: string;
  /** Empty where it has no answer of its own. */
  @Matches(/^[.xXoO~|\s-]*$/, { message: 'answer must be of the signs . x X o O ~ - and |' })
  @IsString()
  @MaxLength(LONGEST_TEXT)
  answer!: string;
}

export class LickSave extends LickBody {
  /** The version this save started from. */
  @IsInt() @Min(1) version!: number;
}

export const lickChecked: SameShape<LickBody, LickFields> = true;

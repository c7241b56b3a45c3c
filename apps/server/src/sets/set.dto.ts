import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
  Min,
  MinLength,
  Validate,
} from 'class-validator';

import type { SetFields } from '@drop-close/core';
import { IsDay } from '../problem/day';
import type { SameShape } from '../problem/shape';

/** Longer than any night. */
const MOST_TUNES = 500;

export class SetBody {
  @IsString()
  @MinLength(1)
  @MaxLength(80)
  name!: string;

  /** In playing order. */
  @IsArray()
  @ArrayMaxSize(MOST_TUNES)
  @IsUUID(undefined, { each: true })
  tuneIds!: readonly string[];

  /** The day it is played. */
  @IsOptional()
  @Validate(IsDay)
  day?: string;
}

export class SetSave extends SetBody {
  /** The version this save started from. */
  @IsInt()
  @Min(1)
  version!: number;
}

export const setChecked: SameShape<SetBody, SetFields> = true;

import {
  FASTEST,
  GRADES,
  itemOf,
  RUNGS,
  SLOWEST,
  type Grade,
  type PracticeNote,
  type PracticeNoteFields,
  type PracticeNotesFields,
  type Recalled,
  type Rung,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateIf,
  ValidateNested,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator';
import type { SameShape } from '../../problem/shape';

export const LONGEST_ITEM = 200;
const MOST_NOTES = 200;
const KINDS: readonly PracticeNote['kind'][] = ['review', 'put', 'taken back'];
/** The year 2200: what lies beyond is no time of practice. */
const LATEST = 7_258_118_400_000;

@ValidatorConstraint({ name: 'item' })
export class IsItem implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    return typeof value === 'string' && itemOf(value).ok;
  }

  defaultMessage({ value }: ValidationArguments): string {
    const read = itemOf(String(value));
    return read.ok ? '' : read.problem;
  }
}

const isOf =
  (kind: PracticeNote['kind']) =>
  (note: PracticeNoteBody): boolean =>
    note.kind === kind;

/** Slots of the longest chart there may be. */
const MOST_SLOTS = 5000;
const LONGEST_SLOT = 60;

export class RecalledBody {
  @IsIn(RUNGS) rung!: Rung;
  @IsArray()
  @ArrayMaxSize(MOST_SLOTS)
  @IsString({ each: true })
  @MaxLength(LONGEST_SLOT, { each: true })
  missed!: readonly string[];
}

export class PracticeNoteBody {
  @IsUUID() id!: string;
  @Validate(IsItem) @IsString() @MaxLength(LONGEST_ITEM) item!: string;
  @IsIn(KINDS) kind!: PracticeNote['kind'];
  /** In ms since 1970. */
  @IsInt() @Min(0) @Max(LATEST) at!: number;
  @ValidateIf(isOf('review')) @IsIn(GRADES) grade?: Grade;
  @IsOptional() @IsInt() @Min(SLOWEST) @Max(FASTEST) tempo?: number;
  @IsOptional() @ValidateNested() @Type(() => RecalledBody) recalled?: RecalledBody;
  @ValidateIf(isOf('put')) @IsInt() @Min(0) @Max(LATEST) due?: number;
  @ValidateIf(isOf('taken back')) @IsUUID() of?: string;
}

export class PracticeNotesBody {
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @ValidateNested({ each: true })
  @Type(() => PracticeNoteBody)
  notes!: readonly PracticeNoteBody[];
}

export const recalledChecked: SameShape<RecalledBody, Recalled> = true;
export const noteChecked: SameShape<PracticeNoteBody, PracticeNoteFields> = true;
export const notesChecked: SameShape<PracticeNotesBody, PracticeNotesFields> = true;

import {
  FASTEST,
  FEELS,
  LONGEST_TITLE,
  MOST_BARS,
  MOST_SECTIONS,
  MOST_SLOTS,
  SLOWEST,
  parseKey,
  parseMeter,
  type BarIdentity,
  type ChartPlaces,
  type Feel,
  type NewTuneFields,
  type SectionIdentity,
  type TuneFields,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  MinLength,
  Validate,
  ValidateNested,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { LONGEST_ID } from '../arrangements/places.dto';
import type { SameShape } from '../problem/shape';

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
/** One beyond the last that is read may hold what was cut off. */
const BARS = MOST_BARS + 1;

class BarIdentityBody {
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_ID) id!: string;
  @IsArray()
  @ArrayMaxSize(MOST_SLOTS)
  @IsString({ each: true })
  @IsNotEmpty({ each: true })
  @MaxLength(LONGEST_ID, { each: true })
  slots!: readonly string[];
}

class SectionIdentityBody {
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_ID) id!: string;
  @IsArray()
  @ArrayMaxSize(BARS)
  @ValidateNested({ each: true })
  @Type(() => BarIdentityBody)
  bars!: readonly BarIdentityBody[];
}

class PlacesBody {
  @IsInt() @Min(0) @Max(11) transposed!: number;
  @IsArray()
  @ArrayMaxSize(MOST_SECTIONS + 1)
  @ValidateNested({ each: true })
  @Type(() => SectionIdentityBody)
  sections!: readonly SectionIdentityBody[];
}

export { LONGEST_TITLE };

export class TuneBody {
  @IsString()
  @MinLength(1)
  @MaxLength(LONGEST_TITLE)
  title!: string;

  /** The changes as typed, readable or not. */
  @IsString()
  @MaxLength(LONGEST_TEXT)
  text!: string;

  /** Left out, bars are found again by what they are. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => PlacesBody)
  places?: PlacesBody;

  @Validate(IsKey)
  key!: string;

  @Validate(IsMeter)
  meter!: string;

  @IsInt()
  @Min(SLOWEST)
  @Max(FASTEST)
  tempo!: number;

  @IsIn(FEELS)
  feel!: Feel;
}

/** A tune that is not in the book yet. */
export class TuneNew extends TuneBody {
  /** Chosen by who sends it, so that sent twice it is made once. */
  @IsOptional()
  @IsUUID()
  id?: string;
}

export class TuneSave extends TuneBody {
  /** The version this save started from. */
  @IsInt()
  @Min(1)
  version!: number;
}

export const barChecked: SameShape<BarIdentityBody, BarIdentity> = true;
export const sectionChecked: SameShape<SectionIdentityBody, SectionIdentity> = true;
export const placesChecked: SameShape<PlacesBody, ChartPlaces> = true;
export const newChecked: SameShape<TuneNew, NewTuneFields> = true;
export const tuneChecked: SameShape<TuneBody, TuneFields> = true;

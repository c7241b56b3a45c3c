import type { BarPlace, ChordPlace } from '@drop-close/core';
import {
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import type { SameShape } from '../problem/shape';

/** The longest identity of a bar or slot, in characters. */
export const LONGEST_ID = 40;
/** More times than any bar is played. */
const MOST_PASSES = 2000;
const LONGEST_CHORD = 100_000;

export class ChordPlaceBody {
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_ID) slot!: string;
  @IsInt() @Min(0) @Max(MOST_PASSES) pass!: number;
  /** In quarters; charts go down to sixteenths of a beat. */
  @IsOptional() @IsNumber() @Min(0.0625) @Max(LONGEST_CHORD) after?: number;
}

export class BarPlaceBody {
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_ID) bar!: string;
  @IsInt() @Min(0) @Max(MOST_PASSES) pass!: number;
}

export const chordPlaceChecked: SameShape<ChordPlaceBody, ChordPlace> = true;
export const barPlaceChecked: SameShape<BarPlaceBody, BarPlace> = true;

import type { SoloLine } from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

/** More than anybody plays in one solo. */
const MOST_NOTES = 10_000;
/** Some hours, in ticks of 480 a quarter. */
const LATEST = 20_000_000;

class SoloNoteBody {
  @IsInt() @Min(0) @Max(127) midi!: number;
  /** Notes of a pickup begin below 0. */
  @IsInt() @Min(-10_000) @Max(LATEST) at!: number;
  @IsInt() @Min(1) @Max(LATEST) length!: number;
  @IsInt() @Min(1) @Max(127) velocity!: number;
}

class SoloLineBody {
  @IsBoolean() written!: boolean;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_NOTES)
  @ValidateNested({ each: true })
  @Type(() => SoloNoteBody)
  notes!: SoloNoteBody[];
}

export class SoloBody {
  @IsString() @IsNotEmpty() @MaxLength(80) name!: string;
  @IsObject() @ValidateNested() @Type(() => SoloLineBody) line!: SoloLineBody;
}

/** A validated body holds a line: the classes above check every field of it. */
export const lineOf = ({ line }: SoloBody): SoloLine =>
  JSON.parse(JSON.stringify(line)) as SoloLine;

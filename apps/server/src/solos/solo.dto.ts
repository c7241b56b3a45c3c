import {
  MOST_SOLO_NOTES,
  type LineBar,
  type LineFrame,
  type Midi,
  type SoloFields,
  type SoloLine,
  type SoloNote,
  type Ticks,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { BarPlaceBody } from '../arrangements/places.dto';
import type { SameShape } from '../problem/shape';

/** Some hours, in ticks of 480 a quarter. */
const LATEST = 20_000_000;

class SoloNoteBody {
  @IsInt() @Min(0) @Max(127) midi!: Midi;
  /** Notes of a pickup begin below 0. */
  @IsInt() @Min(-10_000) @Max(LATEST) at!: Ticks;
  @IsInt() @Min(1) @Max(LATEST) length!: Ticks;
  @IsInt() @Min(1) @Max(127) velocity!: number;
}

class SoloLineBody {
  @IsBoolean() written!: boolean;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_SOLO_NOTES)
  @ValidateNested({ each: true })
  @Type(() => SoloNoteBody)
  notes!: readonly SoloNoteBody[];
}

/** As many bars as the longest chorus has. */
const MOST_BARS = 2000;

class LineBarBody extends BarPlaceBody {
  @IsInt() @Min(1) @Max(LATEST) length!: Ticks;
}

class LineFrameBody {
  @IsInt() @Min(0) @Max(11) transposed!: number;
  @IsBoolean() pickup!: boolean;
  @IsArray()
  @ArrayMaxSize(MOST_BARS)
  @ValidateNested({ each: true })
  @Type(() => LineBarBody)
  bars!: readonly LineBarBody[];
}

export class SoloBody {
  @IsString() @IsNotEmpty() @MaxLength(80) name!: string;
  @IsObject() @ValidateNested() @Type(() => SoloLineBody) line!: SoloLineBody;
  /** Left out, it is over the tune as that is stored. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => LineFrameBody)
  over?: LineFrameBody;
}

export class SoloSave extends SoloBody {
  /** The version this save started from. */
  @IsInt() @Min(1) version!: number;
}

export const noteChecked: SameShape<SoloNoteBody, SoloNote> = true;
export const lineChecked: SameShape<SoloLineBody, SoloLine> = true;
export const lineBarChecked: SameShape<LineBarBody, LineBar> = true;
export const frameChecked: SameShape<LineFrameBody, LineFrame> = true;
export const soloChecked: SameShape<SoloBody, SoloFields> = true;

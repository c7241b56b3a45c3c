import type { Room } from '@drop-close/core';
import { Type } from 'class-transformer';
import {
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
import type { SameShape } from '../problem/shape';
import { AtLeast } from './atLeast';

/** MIDI notes, both ends included. */
class PitchRangeBody {
  @IsInt() @Min(0) @Max(127) low!: number;
  @IsInt() @Min(0) @Max(127) @AtLeast('low') high!: number;
}

class OthersBody {
  @IsBoolean() bass!: boolean;
  @IsBoolean() soloist!: boolean;
  @IsBoolean() chords!: boolean;
}

/** See `Room` in core. */
export class RoomBody {
  @IsString() @IsNotEmpty() @MaxLength(60) id!: string;
  @IsString() @IsNotEmpty() @MaxLength(60) label!: string;
  @IsObject() @ValidateNested() @Type(() => OthersBody) others!: OthersBody;
  @IsObject() @ValidateNested() @Type(() => PitchRangeBody) window!: PitchRangeBody;
  @IsObject() @ValidateNested() @Type(() => PitchRangeBody) centre!: PitchRangeBody;
  @IsObject() @ValidateNested() @Type(() => PitchRangeBody) soloist!: PitchRangeBody;
  @IsObject() @ValidateNested() @Type(() => PitchRangeBody) bass!: PitchRangeBody;
  @IsBoolean() roots!: boolean;
  @IsInt() @Min(2) @Max(8) mostNotes!: number;
}

export const roomChecked: SameShape<RoomBody, Room> = true;

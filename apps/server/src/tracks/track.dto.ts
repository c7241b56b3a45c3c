import {
  FASTEST,
  MOST_FASTER,
  MOST_TRACK_KEYS,
  MOST_TRACK_TIMES,
  PARTS,
  SLOWEST,
  TRACK_FORMATS,
  type Part,
  type TrackFields,
  type TrackFormat,
  type TrackWish,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsUUID,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import type { SameShape } from '../problem/shape';

class TrackWishBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(PARTS, { each: true })
  heard!: readonly Part[];

  /** Half steps up from the tune's own key. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_TRACK_KEYS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(11, { each: true })
  keys!: readonly number[];

  @IsInt() @Min(1) @Max(MOST_TRACK_TIMES) times!: number;
  @IsInt() @Min(SLOWEST) @Max(FASTEST) tempo!: number;
  @IsInt() @Min(0) @Max(MOST_FASTER) faster!: number;
  @IsBoolean() countIn!: boolean;
  @IsIn(TRACK_FORMATS) format!: TrackFormat;
}

export class TrackBody {
  @IsUUID() tuneId!: string;
  @IsUUID() arrangementId!: string;
  @IsObject() @ValidateNested() @Type(() => TrackWishBody) wish!: TrackWishBody;
}

export const wishChecked: SameShape<TrackWishBody, TrackWish> = true;
export const trackChecked: SameShape<TrackBody, TrackFields> = true;

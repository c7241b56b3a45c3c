import { FAMILY_IDS, LIMITS, type Profile } from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { RoomBody } from '../voicing/room.dto';

const { strings, frets, scaleLengthMm, stringSpacingMm, handMm, reach, pitch } = LIMITS;
const MOST_ROOMS = 50;

class GuitarHandBody {
  @IsNumber() @Min(handMm.low) @Max(handMm.high) comfortableMm!: number;
  @IsNumber() @Min(handMm.low) @Max(handMm.high) limitMm!: number;
}

class GuitarBody {
  @Equals('guitar') kind!: 'guitar';
  @IsArray()
  @ArrayMinSize(strings.low)
  @ArrayMaxSize(strings.high)
  @IsInt({ each: true })
  @Min(pitch.low, { each: true })
  @Max(pitch.high, { each: true })
  tuning!: number[];
  @IsInt() @Min(frets.low) @Max(frets.high) frets!: number;
  @IsInt() @Min(0) @Max(frets.high) capo!: number;
  @IsNumber() @Min(scaleLengthMm.low) @Max(scaleLengthMm.high) scaleLengthMm!: number;
  @IsNumber() @Min(stringSpacingMm.low) @Max(stringSpacingMm.high) stringSpacingMm!: number;
  @IsObject() @ValidateNested() @Type(() => GuitarHandBody) hand!: GuitarHandBody;
  @IsIn(['fingers', 'pick']) picking!: string;
}

class ReachBody {
  @IsInt() @Min(reach.low) @Max(reach.high) left!: number;
  @IsInt() @Min(reach.low) @Max(reach.high) right!: number;
}

class KeyboardBody {
  @Equals('keyboard') kind!: 'keyboard';
  @IsInt() @Min(pitch.low) @Max(pitch.high) lowest!: number;
  @IsInt() @Min(pitch.low) @Max(pitch.high) highest!: number;
  @IsIn(['one', 'two']) hands!: string;
  @IsObject() @ValidateNested() @Type(() => ReachBody) reach!: ReachBody;
}

class WritingBody {
  @IsIn(['as typed', 'letters', 'signs']) symbols!: string;
  @IsIn(['letters', 'do ré mi']) notes!: string;
  @IsBoolean() plain!: boolean;
  @IsIn(['by function', 'sixth and diminished', 'parent minor', 'simple']) school!: string;
}

/** See `Profile` in core. */
class ProfileBody {
  @Equals(1) version!: 1;
  @IsIn(['guitar', 'keyboard']) instrument!: string;
  @IsObject() @ValidateNested() @Type(() => GuitarBody) guitar!: GuitarBody;
  @IsBoolean() leftHanded!: boolean;
  @IsObject() @ValidateNested() @Type(() => KeyboardBody) keyboard!: KeyboardBody;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(FAMILY_IDS, { each: true })
  families!: string[];
  @IsArray()
  @ArrayMaxSize(MOST_ROOMS)
  @ArrayUnique((room: RoomBody) => room.id)
  @ValidateNested({ each: true })
  @Type(() => RoomBody)
  rooms!: RoomBody[];
  @IsObject() @ValidateNested() @Type(() => WritingBody) writing!: WritingBody;
}

export class ProfileSave {
  @IsObject() @ValidateNested() @Type(() => ProfileBody) profile!: ProfileBody;
  /** The version this save started from; 0 where nothing was saved yet. */
  @IsInt() @Min(0) version!: number;
}

/** A validated body is a Profile: the classes above check every field of it. */
export const profileOf = ({ profile }: ProfileSave): Profile =>
  JSON.parse(JSON.stringify(profile)) as Profile;

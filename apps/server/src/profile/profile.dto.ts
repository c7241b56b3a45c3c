import {
  FAMILY_IDS,
  LIMITS,
  type Guitar,
  type Keyboard,
  type Profile,
  type Writing,
} from '@drop-close/core';
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
import type { SameShape } from '../problem/shape';
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
  tuning!: readonly number[];
  @IsInt() @Min(frets.low) @Max(frets.high) frets!: number;
  @IsInt() @Min(0) @Max(frets.high) capo!: number;
  @IsNumber() @Min(scaleLengthMm.low) @Max(scaleLengthMm.high) scaleLengthMm!: number;
  @IsNumber() @Min(stringSpacingMm.low) @Max(stringSpacingMm.high) stringSpacingMm!: number;
  @IsObject() @ValidateNested() @Type(() => GuitarHandBody) hand!: GuitarHandBody;
  @IsIn(['fingers', 'pick']) picking!: Guitar['picking'];
}

class ReachBody {
  @IsInt() @Min(reach.low) @Max(reach.high) left!: number;
  @IsInt() @Min(reach.low) @Max(reach.high) right!: number;
}

class KeyboardBody {
  @Equals('keyboard') kind!: 'keyboard';
  @IsInt() @Min(pitch.low) @Max(pitch.high) lowest!: number;
  @IsInt() @Min(pitch.low) @Max(pitch.high) highest!: number;
  @IsIn(['one', 'two']) hands!: Keyboard['hands'];
  @IsObject() @ValidateNested() @Type(() => ReachBody) reach!: ReachBody;
}

class WritingBody {
  @IsIn(['as typed', 'letters', 'signs']) symbols!: Writing['symbols'];
  @IsIn(['letters', 'do ré mi']) notes!: Writing['notes'];
  @IsBoolean() plain!: boolean;
  @IsIn(['by function', 'sixth and diminished', 'parent minor', 'simple'])
  school!: Writing['school'];
}

/** See `Profile` in core. */
class ProfileBody {
  @Equals(1) version!: 1;
  @IsIn(['guitar', 'keyboard']) instrument!: Profile['instrument'];
  @IsObject() @ValidateNested() @Type(() => GuitarBody) guitar!: GuitarBody;
  @IsBoolean() leftHanded!: boolean;
  @IsObject() @ValidateNested() @Type(() => KeyboardBody) keyboard!: KeyboardBody;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(FAMILY_IDS, { each: true })
  families!: Profile['families'];
  @IsArray()
  @ArrayMaxSize(MOST_ROOMS)
  @ArrayUnique((room: RoomBody) => room.id)
  @ValidateNested({ each: true })
  @Type(() => RoomBody)
  rooms!: readonly RoomBody[];
  @IsObject() @ValidateNested() @Type(() => WritingBody) writing!: WritingBody;
}

export class ProfileSave {
  @IsObject() @ValidateNested() @Type(() => ProfileBody) profile!: ProfileBody;
  /** The version this save started from; 0 where nothing was saved yet. */
  @IsInt() @Min(0) version!: number;
}

export const guitarChecked: SameShape<GuitarBody, Guitar> = true;
export const keyboardChecked: SameShape<KeyboardBody, Keyboard> = true;
export const writingChecked: SameShape<WritingBody, Writing> = true;
export const profileChecked: SameShape<ProfileBody, Profile> = true;

/** The profile of a body as plain data. */
export const profileOf = ({ profile }: ProfileSave): Profile => structuredClone(profile);

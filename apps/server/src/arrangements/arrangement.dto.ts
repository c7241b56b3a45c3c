import { FAMILY_IDS, LINE_SHAPES, RETURNS, type Arrangement } from '@drop-close/core';
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
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { CompBody } from './comp.dto';
import { RoomBody } from '../voicing/room.dto';
import { VoicingBody } from '../voicing/voicing.dto';

/** As many as the longest chorus has chords. */
const MOST_LOCKS = 4000;
const MOST_PLACES = 100_000;

class LockBody {
  @IsInt() @Min(0) @Max(MOST_PLACES) at!: number;
  @IsString() @IsNotEmpty() @MaxLength(40) symbol!: string;
  @IsObject() @ValidateNested() @Type(() => VoicingBody) voicing!: VoicingBody;
}

class LocksBody {
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => LockBody)
  guitar!: LockBody[];
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => LockBody)
  keyboard!: LockBody[];
}

class WeightsBody {
  @IsInt() @Min(0) @Max(300) motion!: number;
  @IsInt() @Min(0) @Max(300) leaps!: number;
  @IsInt() @Min(0) @Max(300) parallel!: number;
  @IsInt() @Min(0) @Max(300) resolution!: number;
  @IsInt() @Min(0) @Max(300) register!: number;
  @IsInt() @Min(0) @Max(300) sound!: number;
  @IsInt() @Min(0) @Max(300) hand!: number;
  @IsInt() @Min(0) @Max(300) drift!: number;
  @IsInt() @Min(0) @Max(300) line!: number;
  @IsInt() @Min(0) @Max(300) variety!: number;
}

class SplitBody {
  @IsInt() @Min(0) @Max(MOST_PLACES) at!: number;
  @IsString() @IsNotEmpty() @MaxLength(40) symbol!: string;
  /** In quarters; charts go down to sixteenths of a beat. */
  @IsNumber() @Min(0.0625) @Max(MOST_PLACES) after!: number;
}

class LineNoteBody {
  @IsInt() @Min(0) @Max(MOST_PLACES) at!: number;
  @IsString() @IsNotEmpty() @MaxLength(40) symbol!: string;
  @IsInt() @Min(0) @Max(127) midi!: number;
}

class LineSpanBody {
  @IsInt() @Min(0) @Max(MOST_PLACES) from!: number;
  @IsInt() @Min(0) @Max(MOST_PLACES) to!: number;
  @IsIn(LINE_SHAPES) shape!: string;
}

class LineBody {
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => LineNoteBody)
  notes!: LineNoteBody[];
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => LineSpanBody)
  spans!: LineSpanBody[];
  @IsBoolean() keepTop!: boolean;
}

/** The shape of version 5, to the last field; see `Arrangement` in core. */
class SetupBody {
  @Equals(5) version!: 5;
  @IsIn(['guitar', 'keyboard']) instrument!: string;
  @IsIn(['one', 'two']) keyboardHands!: string;
  @IsObject() @ValidateNested() @Type(() => RoomBody) room!: RoomBody;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(FAMILY_IDS, { each: true })
  families!: string[];
  @IsIn(['as written', 'available']) tensions!: string;
  @IsObject() @ValidateNested() @Type(() => WeightsBody) weights!: WeightsBody;
  @IsBoolean() loop!: boolean;
  @IsObject() @ValidateNested() @Type(() => LocksBody) locks!: LocksBody;
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => SplitBody)
  splits!: SplitBody[];
  @IsObject() @ValidateNested() @Type(() => LineBody) line!: LineBody;
  @IsIn(RETURNS) returns!: string;
  @IsObject() @ValidateNested() @Type(() => CompBody) comp!: CompBody;
}

export class ArrangementBody {
  @IsString() @IsNotEmpty() @MaxLength(80) name!: string;
  @IsObject() @ValidateNested() @Type(() => SetupBody) setup!: SetupBody;
}

export class ArrangementSave extends ArrangementBody {
  /** The version this save started from. */
  @IsInt() @Min(1) version!: number;
}

/** A validated setup is an Arrangement: the classes above check every field of it. */
export const setupOf = (body: ArrangementBody): Arrangement =>
  JSON.parse(JSON.stringify(body.setup)) as Arrangement;

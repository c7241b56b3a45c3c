import { DEGREES, families, rooms, type Arrangement } from '@drop-close/core';
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
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

const FAMILY_IDS = families.map((family) => family.id);
const ROOM_IDS = Object.keys(rooms);
/** As many as the longest chorus has chords. */
const MOST_LOCKS = 4000;
const MOST_NOTES = 12;

class VoicedNoteBody {
  @IsInt() @Min(0) @Max(127) midi!: number;
  @Matches(/^[A-G](b{0,3}|#{0,3})$/) note!: string;
  @IsIn(Object.keys(DEGREES)) degree!: string;
  @IsOptional() @IsInt() @Min(1) @Max(8) string?: number;
  @IsOptional() @IsInt() @Min(0) @Max(36) fret?: number;
  @IsOptional() @IsInt() @Min(1) @Max(4) finger?: number;
  @IsOptional() @IsIn(['left', 'right']) hand?: string;
}

class VoicingBody {
  @IsIn([...FAMILY_IDS, 'rest']) family!: string;
  @IsOptional() @IsIn([0, 1, 2, 3]) inversion?: number;
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @ValidateNested({ each: true })
  @Type(() => VoicedNoteBody)
  notes!: VoicedNoteBody[];
  @IsOptional() @IsNumber() @Min(0) @Max(1000) stretchMm?: number;
  @IsIn(['easy', 'stretch', 'out of reach']) ease!: string;
}

class LockBody {
  @IsInt() @Min(0) @Max(100_000) at!: number;
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
  @IsInt() @Min(0) @Max(300) resolution!: number;
  @IsInt() @Min(0) @Max(300) register!: number;
  @IsInt() @Min(0) @Max(300) hand!: number;
}

/** The shape of version 1, to the last field; see `Arrangement` in core. */
class SetupBody {
  @Equals(1) version!: 1;
  @IsIn(['guitar', 'keyboard']) instrument!: string;
  @IsIn(['one', 'two']) keyboardHands!: string;
  @IsIn(ROOM_IDS) room!: string;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(FAMILY_IDS, { each: true })
  families!: string[];
  @IsObject() @ValidateNested() @Type(() => WeightsBody) weights!: WeightsBody;
  @IsBoolean() loop!: boolean;
  @IsObject() @ValidateNested() @Type(() => LocksBody) locks!: LocksBody;
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

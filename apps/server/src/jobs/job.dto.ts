import {
  CIRCLE_KINDS,
  CYCLES,
  FASTEST,
  families,
  INSTRUMENT_IDS,
  isOfOneKey,
  PLAYED,
  READER_IDS,
  SET_KINDS,
  SLOWEST,
  TOPS,
  WAYS,
  type CircleKind,
  type Cycle,
  type EtudeRequest,
  type EtudesFields,
  type FamilyId,
  type InstrumentId,
  type PartsFields,
  type Played,
  type ReaderId,
  type SheetKind,
  type Top,
  type Way,
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
  IsOptional,
  IsUUID,
  Matches,
  Max,
  Min,
  Validate,
  ValidateNested,
} from 'class-validator';
import type { SameShape } from '../problem/shape';
import { IsKey } from '../tunes/tune.dto';
import { RoomBody } from '../voicing/room.dto';

/** More than a family has on any neck. */
const MOST_STRING_SETS = 40;

export class PartsBody {
  @IsUUID() setId!: string;
  @IsIn(SET_KINDS) kind!: SheetKind;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(READER_IDS, { each: true })
  readers!: readonly ReaderId[];

  @IsBoolean() numbers!: boolean;
}

class EtudeRequestBody {
  @IsIn(families.map(({ id }) => id)) family!: FamilyId;
  @IsIn(CYCLES.filter((cycle) => isOfOneKey({ cycle }))) cycle!: Cycle;
  @IsIn(CIRCLE_KINDS) kind!: CircleKind;
  @Validate(IsKey) key!: string;
  @IsBoolean() triads!: boolean;
  @IsIn(WAYS) way!: Way;

  /** As `643`, the lowest first. */
  @IsArray()
  @ArrayMaxSize(MOST_STRING_SETS)
  @Matches(/^[1-9]{1,8}$/, { each: true })
  strings!: readonly string[];

  @IsOptional() @IsIn(TOPS) top?: Top;
  @IsIn(INSTRUMENT_IDS) instrument!: InstrumentId;
  @IsObject() @ValidateNested() @Type(() => RoomBody) room!: RoomBody;
  @IsOptional() @IsIn(PLAYED) played?: Played;
}

export class EtudesBody {
  @IsObject() @ValidateNested() @Type(() => EtudeRequestBody) request!: EtudeRequestBody;
  @IsInt() @Min(SLOWEST) @Max(FASTEST) tempo!: number;
}

export const partsChecked: SameShape<PartsBody, PartsFields> = true;
export const requestChecked: SameShape<EtudeRequestBody, EtudeRequest> = true;
export const etudesChecked: SameShape<EtudesBody, EtudesFields> = true;

import {
  GRADES,
  STEP_KINDS,
  type Grade,
  type NewSessionFields,
  type SessionAim,
  type SessionFields,
  type SessionStep,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateNested,
} from 'class-validator';
import type { SameShape } from '../../problem/shape';
import { IsItem, LONGEST_ITEM } from '../items/note.dto';

const MOST_STEPS = 300;
const LONGEST_NAME = 20;
/** Of one step, in minutes; and a day in seconds. */
const LONGEST_STEP = 240;
const A_DAY = 86_400;

class AimBody {
  @IsIn(['due', 'tune', 'set']) kind!: SessionAim['kind'];
  @IsOptional() @IsUUID() id?: string;
}

class StepBody {
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_NAME) id!: string;
  @IsIn(STEP_KINDS) kind!: SessionStep['kind'];
  @IsOptional() @Validate(IsItem) @IsString() @MaxLength(LONGEST_ITEM) item?: string;
  @IsOptional() @IsUUID() tuneId?: string;
  @IsNumber() @Min(0) @Max(LONGEST_STEP) minutes!: number;
  @IsNumber() @Min(0) @Max(A_DAY) seconds!: number;
  @IsIn(['to come', 'done', 'passed over']) state!: SessionStep['state'];
  @IsOptional() @IsIn(GRADES) grade?: Grade;
}

export class SessionBody {
  @IsObject() @ValidateNested() @Type(() => AimBody) aim!: AimBody;
  @IsArray()
  @ArrayMaxSize(MOST_STEPS)
  @ValidateNested({ each: true })
  @Type(() => StepBody)
  steps!: readonly StepBody[];
  @IsInt() @Min(0) @Max(MOST_STEPS) at!: number;
  /** In ms since 1970. */
  @IsInt() @Min(0) begun!: number;
  @IsOptional() @IsInt() @Min(0) ended?: number;
}

export class SessionNew extends SessionBody {
  /** Chosen by who sends it, so that sent twice it is there once. */
  @IsOptional() @IsUUID() id?: string;
}

export class SessionSave extends SessionBody {
  /** The version this save started from. */
  @IsInt() @Min(1) version!: number;
}

export const aimChecked: SameShape<AimBody, SessionAim> = true;
export const stepChecked: SameShape<StepBody, SessionStep> = true;
export const sessionChecked: SameShape<SessionBody, SessionFields> = true;
export const newSessionChecked: SameShape<SessionNew, NewSessionFields> = true;

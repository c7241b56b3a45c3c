import {
  BASS_STYLES,
  DRUM_STYLES,
  ENDINGS,
  HOLDS,
  RESTING,
  TEXTURES,
  TOUCHES,
  type StoredComp,
  type StoredDevice,
  type StoredHit,
  type StoredSectionPlan,
  type Ticks,
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
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateNested,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import type { SameShape } from '../problem/shape';
import { BarPlaceBody, ChordPlaceBody } from './places.dto';

/** More than a busy hand plays in the longest set of choruses. */
const MOST_HITS = 6000;
const MOST_DEVICES = 1000;
const MOST_CHORUSES = 40;
const MOST_SECTIONS = 100;
/** A hit is not longer than a few bars, in ticks of 480 a quarter. */
const LONGEST = 100_000;
/** The longest name of a device, a variant or a rhythm. */
const LONGEST_NAME = 120;

class HitBody extends BarPlaceBody {
  @IsInt() @Min(0) @Max(MOST_CHORUSES) chorus!: number;
  @IsInt() @Min(0) @Max(LONGEST) at!: Ticks;
  @IsInt() @Min(1) @Max(LONGEST) length!: Ticks;
  @IsIn(HOLDS) hold!: StoredHit['hold'];
  @IsIn(TOUCHES) touch!: StoredHit['touch'];
  @IsBoolean() accent!: boolean;
  @IsOptional() @IsInt() @Min(1) @Max(5) loudness?: NonNullable<StoredHit['loudness']>;
}

/** A device that this version does not know is kept: a newer one may have saved it. */
class DeviceBody {
  @IsObject() @ValidateNested() @Type(() => ChordPlaceBody) place!: ChordPlaceBody;
  @IsString() @IsNotEmpty() @MaxLength(40) symbol!: string;
  @IsInt() @Min(0) @Max(MOST_CHORUSES) chorus!: number;
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_NAME) device!: string;
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_NAME) variant!: string;
  @IsOptional()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(64)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(127, { each: true })
  line?: readonly number[];
  @IsInt() @Min(0) @Max(11) transposed!: number;
}

/** A rhythm that this version does not know is kept, as with devices. */
class PlanBody {
  @IsIn(TEXTURES) texture!: StoredSectionPlan['plan']['texture'];
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_NAME) family!: string;
  @IsInt() @Min(1) @Max(5) density!: StoredSectionPlan['plan']['density'];
  @IsInt() @Min(1) @Max(5) loudness!: StoredSectionPlan['plan']['loudness'];
  @IsInt() @Min(0) @Max(3) devices!: StoredSectionPlan['plan']['devices'];
  @IsArray()
  @ArrayUnique()
  @IsIn(RESTING, { each: true })
  rests!: StoredSectionPlan['plan']['rests'];
}

class SectionPlanBody {
  @IsObject() @ValidateNested() @Type(() => BarPlaceBody) from!: BarPlaceBody;
  @IsObject() @ValidateNested() @Type(() => BarPlaceBody) to!: BarPlaceBody;
  @IsObject() @ValidateNested() @Type(() => PlanBody) plan!: PlanBody;
}

/** Class-validator nests only one list deep; a plan is a list of lists. */
@ValidatorConstraint()
class EveryChorus implements ValidatorConstraintInterface {
  validate(plan: unknown): boolean {
    return (
      Array.isArray(plan) &&
      plan.every((sections) => Array.isArray(sections) && sections.length <= MOST_SECTIONS)
    );
  }

  defaultMessage(): string {
    return `every chorus of the plan must be a list of at most ${MOST_SECTIONS} sections`;
  }
}

export class CompBody {
  @IsArray()
  @ArrayMaxSize(MOST_HITS)
  @ValidateNested({ each: true })
  @Type(() => HitBody)
  hits!: readonly HitBody[];
  @IsArray()
  @ArrayMaxSize(MOST_DEVICES)
  @ValidateNested({ each: true })
  @Type(() => DeviceBody)
  devices!: readonly DeviceBody[];
  @Validate(EveryChorus)
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_CHORUSES)
  @ValidateNested({ each: true })
  @Type(() => SectionPlanBody)
  plan!: readonly (readonly SectionPlanBody[])[];
  @IsIn(BASS_STYLES) bass!: StoredComp['bass'];
  @IsIn(DRUM_STYLES) drums!: StoredComp['drums'];
  @IsOptional() @IsIn(ENDINGS) ending?: NonNullable<StoredComp['ending']>;
  @IsInt() @Min(0) @Max(150) swing!: number;
  @IsOptional() @IsUUID() behind!: string | null;
  @IsOptional() @IsBoolean() ownLine?: boolean;
  @IsInt() @Min(1) @Max(3) strictness!: StoredComp['strictness'];
  @IsBoolean() yields!: boolean;
}

export const hitChecked: SameShape<HitBody, StoredHit> = true;
export const deviceChecked: SameShape<DeviceBody, StoredDevice> = true;
export const planChecked: SameShape<PlanBody, StoredSectionPlan['plan']> = true;
export const sectionPlanChecked: SameShape<SectionPlanBody, StoredSectionPlan> = true;
export const compChecked: SameShape<CompBody, StoredComp> = true;

import {
  BASS_STYLES,
  DEVICE_IDS,
  DRUM_STYLES,
  HOLDS,
  PATTERN_FAMILIES,
  RESTING,
  TEXTURES,
  TOUCHES,
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

/** More than a busy hand plays in the longest set of choruses. */
const MOST_HITS = 6000;
const MOST_DEVICES = 1000;
const MOST_CHORUSES = 40;
const MOST_SECTIONS = 100;
const MOST_BARS = 20_000;
/** A hit is not longer than a few bars, in ticks of 480 a quarter. */
const LONGEST = 100_000;

class HitBody {
  @IsInt() @Min(0) @Max(MOST_BARS) bar!: number;
  @IsInt() @Min(0) @Max(LONGEST) at!: number;
  @IsInt() @Min(1) @Max(LONGEST) length!: number;
  @IsIn(HOLDS) hold!: string;
  @IsIn(TOUCHES) touch!: string;
  @IsBoolean() accent!: boolean;
}

class DeviceBody {
  @IsInt() @Min(0) @Max(100_000) at!: number;
  @IsString() @IsNotEmpty() @MaxLength(40) symbol!: string;
  @IsInt() @Min(0) @Max(MOST_CHORUSES) chorus!: number;
  @IsIn(DEVICE_IDS) device!: string;
  @IsString() @IsNotEmpty() @MaxLength(120) variant!: string;
  @IsOptional()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(64)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(127, { each: true })
  line?: number[];
}

export class SectionPlanBody {
  @IsIn(TEXTURES) texture!: string;
  @IsIn([...PATTERN_FAMILIES, 'any']) family!: string;
  @IsInt() @Min(1) @Max(5) density!: number;
  @IsInt() @Min(1) @Max(5) loudness!: number;
  @IsInt() @Min(0) @Max(3) devices!: number;
  @IsArray() @ArrayUnique() @IsIn(RESTING, { each: true }) rests!: string[];
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
  hits!: HitBody[];
  @IsArray()
  @ArrayMaxSize(MOST_DEVICES)
  @ValidateNested({ each: true })
  @Type(() => DeviceBody)
  devices!: DeviceBody[];
  @Validate(EveryChorus)
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_CHORUSES)
  @ValidateNested({ each: true })
  @Type(() => SectionPlanBody)
  plan!: SectionPlanBody[][];
  @IsIn(BASS_STYLES) bass!: string;
  @IsIn(DRUM_STYLES) drums!: string;
  @IsInt() @Min(0) @Max(150) swing!: number;
  @IsOptional() @IsUUID() behind!: string | null;
  @IsInt() @Min(1) @Max(3) strictness!: number;
  @IsBoolean() yields!: boolean;
}

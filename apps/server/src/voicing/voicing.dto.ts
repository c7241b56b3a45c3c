import { DEGREES, FAMILY_IDS } from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';

const DEGREE_NAMES = Object.keys(DEGREES);
const MOST_NOTES = 12;

class VoicedNoteBody {
  @IsInt() @Min(0) @Max(127) midi!: number;
  @Matches(/^[A-G](b{0,3}|#{0,3})$/) note!: string;
  @IsIn(DEGREE_NAMES) degree!: string;
  @IsOptional() @IsInt() @Min(1) @Max(8) string?: number;
  @IsOptional() @IsInt() @Min(0) @Max(36) fret?: number;
  @IsOptional() @IsInt() @Min(1) @Max(4) finger?: number;
  @IsOptional() @IsIn(['left', 'right']) hand?: string;
}

/** See `Voicing` in core. */
export class VoicingBody {
  @IsIn([...FAMILY_IDS, 'rest', 'own']) family!: string;
  @IsOptional() @IsIn([0, 1, 2, 3]) inversion?: number;
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @IsIn(DEGREE_NAMES, { each: true })
  without?: string[];
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @ValidateNested({ each: true })
  @Type(() => VoicedNoteBody)
  notes!: VoicedNoteBody[];
  @IsOptional() @IsNumber() @Min(0) @Max(1000) stretchMm?: number;
  @IsIn(['easy', 'stretch', 'out of reach']) ease!: string;
}

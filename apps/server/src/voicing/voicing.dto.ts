import { DEGREES, FAMILY_IDS, type Midi, type VoicedNote, type Voicing } from '@drop-close/core';
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
import type { SameShape } from '../problem/shape';

const DEGREE_NAMES = Object.keys(DEGREES);
const MOST_NOTES = 12;

class VoicedNoteBody {
  @IsInt() @Min(0) @Max(127) midi!: Midi;
  @Matches(/^[A-G](b{0,3}|#{0,3})$/) note!: string;
  @IsIn(DEGREE_NAMES) degree!: VoicedNote['degree'];
  @IsOptional() @IsInt() @Min(1) @Max(8) string?: number;
  @IsOptional() @IsInt() @Min(0) @Max(36) fret?: number;
  @IsOptional() @IsInt() @Min(1) @Max(4) finger?: NonNullable<VoicedNote['finger']>;
  @IsOptional() @IsIn(['left', 'right']) hand?: NonNullable<VoicedNote['hand']>;
}

/** See `Voicing` in core. */
export class VoicingBody {
  @IsIn([...FAMILY_IDS, 'rest', 'own']) family!: Voicing['family'];
  @IsOptional() @IsIn([0, 1, 2, 3]) inversion?: NonNullable<Voicing['inversion']>;
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @IsIn(DEGREE_NAMES, { each: true })
  without?: NonNullable<Voicing['without']>;
  @IsArray()
  @ArrayMaxSize(MOST_NOTES)
  @ValidateNested({ each: true })
  @Type(() => VoicedNoteBody)
  notes!: readonly VoicedNoteBody[];
  @IsOptional() @IsNumber() @Min(0) @Max(1000) stretchMm?: NonNullable<Voicing['stretchMm']>;
  @IsIn(['easy', 'stretch', 'out of reach']) ease!: Voicing['ease'];
}

export const voicingChecked: SameShape<VoicingBody, Voicing> = true;

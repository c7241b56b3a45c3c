import { MOST_AT_ONCE, MOST_INCOMING_SOLOS, type NewTunesFields } from '@drop-close/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, ValidateNested } from 'class-validator';
import type { SameShape } from '../problem/shape';
import { SoloBody } from '../solos/solo.dto';
import { TuneNew } from '../tunes/tune.dto';

/** A tune as it was read from text or a file, with its lines. */
class NewTuneWithSolos extends TuneNew {
  @IsArray()
  @ArrayMaxSize(MOST_INCOMING_SOLOS)
  @ValidateNested({ each: true })
  @Type(() => SoloBody)
  solos!: readonly SoloBody[];
}

/** Tunes that come into the book together, or not at all. */
export class TunesBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_AT_ONCE)
  @ValidateNested({ each: true })
  @Type(() => NewTuneWithSolos)
  tunes!: readonly NewTuneWithSolos[];
}

export const tunesChecked: SameShape<TunesBody, NewTunesFields> = true;

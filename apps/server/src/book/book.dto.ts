import {
  MOST_SOLOS_OF_TUNE,
  type BookArrangement,
  type BookSolo,
  type PutTuneFields,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsUUID, ValidateNested } from 'class-validator';
import { ArrangementBody } from '../arrangements/arrangement.dto';
import type { SameShape } from '../problem/shape';
import { SoloBody } from '../solos/solo.dto';
import { TuneBody } from '../tunes/tune.dto';

/** Of one tune. */
const MOST_ARRANGEMENTS = 20;

class PutArrangement extends ArrangementBody {
  @IsUUID() id!: string;
}

class PutSolo extends SoloBody {
  @IsUUID() id!: string;
  declare over: NonNullable<SoloBody['over']>;
}

/** A tune with all that hangs on it, as it was in a book. */
export class PutTuneBody extends TuneBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ARRANGEMENTS)
  @ValidateNested({ each: true })
  @Type(() => PutArrangement)
  arrangements!: readonly PutArrangement[];

  @IsArray()
  @ArrayMaxSize(MOST_SOLOS_OF_TUNE)
  @ValidateNested({ each: true })
  @Type(() => PutSolo)
  solos!: readonly PutSolo[];
}

export const arrangementChecked: SameShape<PutArrangement, BookArrangement> = true;
export const soloChecked: SameShape<PutSolo, BookSolo> = true;
export const putChecked: SameShape<PutTuneBody, PutTuneFields> = true;

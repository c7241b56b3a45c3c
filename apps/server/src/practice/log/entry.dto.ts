import {
  FASTEST,
  GRADES,
  LONGEST_ENTRY_TEXT,
  MINUTES_A_DAY,
  SLOWEST,
  type EntriesFields,
  type EntryFields,
  type Grade,
  type LogEntry,
} from '@drop-close/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateNested,
} from 'class-validator';
import { IsDay } from '../../problem/day';
import type { SameShape } from '../../problem/shape';
import { IsItem, LONGEST_ITEM } from '../items/note.dto';

const MOST_ENTRIES = 500;
/** Of a minute; what is stored is no finer. */
const SHORTEST = 0.001;

class LogEntryBody {
  @Validate(IsDay) day!: string;
  @IsNumber({ maxDecimalPlaces: 3 }) @Min(SHORTEST) @Max(MINUTES_A_DAY) minutes!: number;
  @IsString() @IsNotEmpty() @MaxLength(LONGEST_ENTRY_TEXT) what!: string;
  @IsOptional() @Validate(IsItem) @IsString() @MaxLength(LONGEST_ITEM) item?: string;
  @IsOptional() @IsInt() @Min(SLOWEST) @Max(FASTEST) tempo?: number;
  @IsOptional()
  @Matches(/^[A-G](?:b|#)?m?$/, { message: 'key should be a key, as Eb or F#m' })
  key?: string;
  @IsOptional() @IsIn(GRADES) grade?: Grade;
  @IsOptional() @IsString() @MaxLength(LONGEST_ENTRY_TEXT) notes?: string;
}

export class EntryBody extends LogEntryBody {
  /** Chosen by who sends it, so that sent twice it is there once. */
  @IsOptional() @IsUUID() id?: string;
}

export class EntriesBody {
  @IsArray()
  @ArrayMaxSize(MOST_ENTRIES)
  @ValidateNested({ each: true })
  @Type(() => EntryBody)
  entries!: readonly EntryBody[];
}

export class EntrySave extends LogEntryBody {
  /** The version this save started from. */
  @IsInt() @Min(1) version!: number;
}

export const entryChecked: SameShape<LogEntryBody, LogEntry> = true;
export const newEntryChecked: SameShape<EntryBody, EntryFields> = true;
export const entriesChecked: SameShape<EntriesBody, EntriesFields> = true;

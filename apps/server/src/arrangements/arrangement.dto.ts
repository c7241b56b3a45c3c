import {
  ARRANGEMENT_VERSION,
  BOTTOMS,
  FAMILY_IDS,
  INSTRUMENT_IDS,
  LINE_SHAPES,
  OPEN_STRINGS,
  RETURNS,
  SCALE_NAMES,
  VOICE_COUNTS,
  type ArrangementFields,
  type Asked,
  type StoredArrangement,
  type StoredLineNote,
  type StoredLineSpan,
  type StoredLock,
  type StoredLocks,
  type StoredPool,
  type StoredScale,
  type StoredSplit,
  type Weights,
} from '@drop-close/core';
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
import type { SameShape } from '../problem/shape';
import { RoomBody } from '../voicing/room.dto';
import { VoicingBody } from '../voicing/voicing.dto';
import { CompBody } from './comp.dto';
import { ChordPlaceBody } from './places.dto';

/** As many as the longest chorus has chords. */
const MOST_LOCKS = 4000;
const LONGEST_CHORD = 100_000;

class OfChordBody {
  @IsObject() @ValidateNested() @Type(() => ChordPlaceBody) place!: ChordPlaceBody;
  @IsString() @IsNotEmpty() @MaxLength(40) symbol!: string;
}

class LockBody extends OfChordBody {
  @IsObject() @ValidateNested() @Type(() => VoicingBody) voicing!: VoicingBody;
  @IsInt() @Min(0) @Max(11) transposed!: number;
}

/** The locks of each instrument that has any: its fields are those of the list. */
// eslint-disable-next-line @typescript-eslint/no-extraneous-class -- class-validator hangs its checks on one
class LocksBody {}
for (const id of INSTRUMENT_IDS) {
  IsOptional()(LocksBody.prototype, id);
  IsArray()(LocksBody.prototype, id);
  ArrayMaxSize(MOST_LOCKS)(LocksBody.prototype, id);
  ValidateNested({ each: true })(LocksBody.prototype, id);
  Type(() => LockBody)(LocksBody.prototype, id);
}

class WeightsBody {
  @IsInt() @Min(0) @Max(300) motion!: number;
  @IsInt() @Min(0) @Max(300) top!: number;
  @IsInt() @Min(0) @Max(300) leaps!: number;
  @IsInt() @Min(0) @Max(300) parallel!: number;
  @IsInt() @Min(0) @Max(300) voices!: number;
  @IsInt() @Min(0) @Max(300) resolution!: number;
  @IsInt() @Min(0) @Max(300) register!: number;
  @IsInt() @Min(0) @Max(300) sound!: number;
  @IsInt() @Min(0) @Max(300) bottom!: number;
  @IsInt() @Min(0) @Max(300) hand!: number;
  @IsInt() @Min(0) @Max(300) lie!: number;
  @IsInt() @Min(0) @Max(300) drift!: number;
  @IsInt() @Min(0) @Max(300) line!: number;
  @IsInt() @Min(0) @Max(300) variety!: number;
}

class SplitBody extends OfChordBody {
  /** In quarters; charts go down to sixteenths of a beat. */
  @IsNumber() @Min(0.0625) @Max(LONGEST_CHORD) after!: number;
}

/** A scale opened over a chord. */
class PoolBody extends OfChordBody {
  @IsIn(SCALE_NAMES) scale!: StoredPool['scale'];
  @IsInt() @Min(0) @Max(11) on!: number;
}

/** A scale kept for a chord. */
class ScaleBody extends PoolBody {}

/** String sets, as `643`: strings from the highest number down, each once. */
const MOST_SETS = 20;
const STRING_SET = /^(?=.)8?7?6?5?4?3?2?1?$/;

class AskedBody {
  @IsIn(VOICE_COUNTS) voices!: Asked['voices'];
  @IsArray()
  @ArrayMaxSize(MOST_SETS)
  @ArrayUnique()
  @Matches(STRING_SET, {
    each: true,
    message: 'A string set is the numbers of its strings from the highest down, as 643.',
  })
  strings!: readonly string[];
  @IsIn(BOTTOMS) bottom!: Asked['bottom'];
  @IsBoolean() incomplete!: boolean;
  @IsIn(OPEN_STRINGS) openStrings!: Asked['openStrings'];
}

class LineNoteBody extends OfChordBody {
  @IsInt() @Min(0) @Max(127) midi!: number;
  @IsInt() @Min(0) @Max(11) transposed!: number;
}

class LineSpanBody {
  @IsObject() @ValidateNested() @Type(() => ChordPlaceBody) from!: ChordPlaceBody;
  @IsObject() @ValidateNested() @Type(() => ChordPlaceBody) to!: ChordPlaceBody;
  @IsIn(LINE_SHAPES) shape!: StoredLineSpan['shape'];
}

class LineBody {
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => LineNoteBody)
  notes!: readonly LineNoteBody[];
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => LineSpanBody)
  spans!: readonly LineSpanBody[];
  @IsBoolean() keepTop!: boolean;
}

class SetupBody {
  @Equals(ARRANGEMENT_VERSION) version!: typeof ARRANGEMENT_VERSION;
  @IsIn(INSTRUMENT_IDS) instrument!: StoredArrangement['instrument'];
  @IsIn(['one', 'two']) keyboardHands!: StoredArrangement['keyboardHands'];
  @IsObject() @ValidateNested() @Type(() => RoomBody) room!: RoomBody;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(FAMILY_IDS, { each: true })
  families!: StoredArrangement['families'];
  @IsIn(['as written', 'available']) tensions!: StoredArrangement['tensions'];
  @IsObject() @ValidateNested() @Type(() => AskedBody) asked!: AskedBody;
  @IsObject() @ValidateNested() @Type(() => WeightsBody) weights!: WeightsBody;
  @IsBoolean() loop!: boolean;
  @IsObject() @ValidateNested() @Type(() => LocksBody) locks!: StoredLocks;
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => SplitBody)
  splits!: readonly SplitBody[];
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => PoolBody)
  pools!: readonly PoolBody[];
  @IsArray()
  @ArrayMaxSize(MOST_LOCKS)
  @ValidateNested({ each: true })
  @Type(() => ScaleBody)
  scales!: readonly ScaleBody[];
  @IsObject() @ValidateNested() @Type(() => LineBody) line!: LineBody;
  @IsIn(RETURNS) returns!: StoredArrangement['returns'];
  @IsBoolean() stayInPlace!: boolean;
  @IsObject() @ValidateNested() @Type(() => CompBody) comp!: CompBody;
}

export class ArrangementBody {
  @IsString() @IsNotEmpty() @MaxLength(80) name!: string;
  @IsObject() @ValidateNested() @Type(() => SetupBody) setup!: SetupBody;
}

export class ArrangementSave extends ArrangementBody {
  /** The version this save started from. */
  @IsInt() @Min(1) version!: number;
}

export const lockChecked: SameShape<LockBody, StoredLock> = true;
export const weightsChecked: SameShape<WeightsBody, Weights> = true;
export const splitChecked: SameShape<SplitBody, StoredSplit> = true;
export const poolChecked: SameShape<PoolBody, StoredPool> = true;
export const scaleChecked: SameShape<ScaleBody, StoredScale> = true;
export const askedChecked: SameShape<AskedBody, Asked> = true;
export const lineNoteChecked: SameShape<LineNoteBody, StoredLineNote> = true;
export const lineSpanChecked: SameShape<LineSpanBody, StoredLineSpan> = true;
export const lineChecked: SameShape<LineBody, StoredArrangement['line']> = true;
export const setupChecked: SameShape<SetupBody, StoredArrangement> = true;
export const arrangementChecked: SameShape<ArrangementBody, ArrangementFields> = true;

/** The setup of a body as plain data. */
export const setupOf = ({ setup }: ArrangementBody): StoredArrangement => structuredClone(setup);

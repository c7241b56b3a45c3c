import {
  FAMILY_IDS,
  LIMITS,
  FRETTED_IDS,
  INSTRUMENT_IDS,
  KEYED_IDS,
  MOST_CHOICES,
  TERM_IDS,
  type Fretted,
  type Instruments,
  type Keyboard,
  type Profile,
  type StoredChoice,
  type StoredTaste,
  type Writing,
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
  IsNumber,
  IsObject,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import type { SameShape } from '../problem/shape';
import { RoomBody } from '../voicing/room.dto';

const { strings, frets, scaleLengthMm, stringSpacingMm, handMm, reach, pitch } = LIMITS;
const MOST_ROOMS = 50;

class HandBody {
  @IsNumber() @Min(handMm.low) @Max(handMm.high) comfortableMm!: number;
  @IsNumber() @Min(handMm.low) @Max(handMm.high) limitMm!: number;
}

class FrettedBody {
  @IsIn(FRETTED_IDS) kind!: Fretted['kind'];
  @IsArray()
  @ArrayMinSize(strings.low)
  @ArrayMaxSize(strings.high)
  @IsInt({ each: true })
  @Min(pitch.low, { each: true })
  @Max(pitch.high, { each: true })
  tuning!: readonly number[];
  @IsInt() @Min(frets.low) @Max(frets.high) frets!: number;
  @IsInt() @Min(0) @Max(frets.high) capo!: number;
  @IsNumber() @Min(scaleLengthMm.low) @Max(scaleLengthMm.high) scaleLengthMm!: number;
  @IsNumber() @Min(stringSpacingMm.low) @Max(stringSpacingMm.high) stringSpacingMm!: number;
  @IsObject() @ValidateNested() @Type(() => HandBody) hand!: HandBody;
  @IsIn(['fingers', 'pick']) picking!: Fretted['picking'];
}

class ReachBody {
  @IsInt() @Min(reach.low) @Max(reach.high) left!: number;
  @IsInt() @Min(reach.low) @Max(reach.high) right!: number;
}

class KeyboardBody {
  @IsIn(KEYED_IDS) kind!: Keyboard['kind'];
  @IsInt() @Min(pitch.low) @Max(pitch.high) lowest!: number;
  @IsInt() @Min(pitch.low) @Max(pitch.high) highest!: number;
  @IsIn(['one', 'two']) hands!: Keyboard['hands'];
  @IsObject() @ValidateNested() @Type(() => ReachBody) reach!: ReachBody;
}

class WritingBody {
  @IsIn(['as typed', 'letters', 'signs']) symbols!: Writing['symbols'];
  @IsIn(['letters', 'do ré mi']) notes!: Writing['notes'];
  @IsBoolean() plain!: boolean;
  @IsIn(['by function', 'sixth and diminished', 'parent minor', 'simple'])
  school!: Writing['school'];
}

/** Terms times others of a choice, and what the dearest of them may cost in hundredths. */
const MOST_NUMBERS = 400;
const MOST_COST = 10_000_000;

class ChoiceBody {
  @IsArray()
  @ArrayMaxSize(MOST_NUMBERS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(MOST_COST, { each: true })
  chosen!: readonly number[];
  @IsArray()
  @ArrayMaxSize(MOST_NUMBERS)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(MOST_COST, { each: true })
  others!: readonly number[];
}

class TasteBody {
  @IsBoolean() learning!: boolean;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayUnique()
  @IsIn(TERM_IDS, { each: true })
  terms!: StoredTaste['terms'];
  @IsArray()
  @ArrayMaxSize(MOST_CHOICES)
  @ValidateNested({ each: true })
  @Type(() => ChoiceBody)
  choices!: readonly ChoiceBody[];
}

/** See `Profile` in core; its instruments are checked below, by the list of them. */
class ProfileBody {
  @Equals(2) version!: 2;
  @IsIn(INSTRUMENT_IDS) instrument!: Profile['instrument'];
  @IsBoolean() leftHanded!: boolean;
  @IsArray()
  @ArrayUnique()
  @IsIn(FAMILY_IDS, { each: true })
  families!: Profile['families'];
  @IsArray()
  @ArrayMaxSize(MOST_ROOMS)
  @ArrayUnique((room: RoomBody) => room.id)
  @ValidateNested({ each: true })
  @Type(() => RoomBody)
  rooms!: readonly RoomBody[];
  @IsObject() @ValidateNested() @Type(() => WritingBody) writing!: WritingBody;
  @IsObject() @ValidateNested() @Type(() => TasteBody) taste!: TasteBody;
}

function hasInstruments(ids: readonly Profile['instrument'][], body: new () => object): void {
  for (const id of ids) {
    IsObject()(ProfileBody.prototype, id);
    ValidateNested()(ProfileBody.prototype, id);
    Type(() => body)(ProfileBody.prototype, id);
  }
}
hasInstruments(FRETTED_IDS, FrettedBody);
hasInstruments(KEYED_IDS, KeyboardBody);

export class ProfileSave {
  @IsObject() @ValidateNested() @Type(() => ProfileBody) profile!: ProfileBody;
  /** The version this save started from; 0 where nothing was saved yet. */
  @IsInt() @Min(0) version!: number;
}

export const frettedChecked: SameShape<FrettedBody, Fretted> = true;
export const keyboardChecked: SameShape<KeyboardBody, Keyboard> = true;
export const choiceChecked: SameShape<ChoiceBody, StoredChoice> = true;
export const tasteChecked: SameShape<TasteBody, StoredTaste> = true;
export const writingChecked: SameShape<WritingBody, Writing> = true;
export const profileChecked: SameShape<ProfileBody, Omit<Profile, keyof Instruments>> = true;

/** The profile of a body as plain data. */
export const profileOf = ({ profile }: ProfileSave): Profile =>
  structuredClone(profile) as ProfileBody & Instruments;

import type { School } from '../../analysis/base/types';
import type { NoteNaming } from '../../pitch/spelling';
import { checkInstrument, checkRoom } from '../../voicing/check';
import { defaultInstruments, type Instruments } from '../../voicing/data';
import { INSTRUMENT_IDS, type InstrumentId } from '../../voicing/base/instruments';
import type { SettingProblem } from '../../voicing/base/problem';
import { fretPosition } from '../../voicing/strings/geometry';
import type { FamilyId, Fretted, Room } from '../../voicing/base/types';
import { defaultArrangement } from '../stored/defaults';
import { startFor } from '../stored/start';
import { noTaste, type StoredTaste } from './taste';
import type { Arrangement } from '../stored/types';

/** How a player likes chords and notes written. */
export interface Writing {
  readonly symbols: 'as typed' | 'letters' | 'signs';
  readonly notes: NoteNaming;
  /** Plain spelling for readouts; strict keeps every double accidental. */
  readonly plain: boolean;
  /** Whose note pools stand first. */
  readonly school: School;
}

/** What is set once for a player: hands, instruments, rooms of their own, and how things are written. */
export interface Profile extends Instruments {
  /** The shape of this very object. */
  readonly version: 2;
  /** What a new tune is voiced for. */
  readonly instrument: InstrumentId;
  /** Grips are drawn for a neck that points to the right. */
  readonly leftHanded: boolean;
  /** What a new tune is voiced in; none for what suits its instrument and room, see `startFor`. */
  readonly families: readonly FamilyId[];
  /** Rooms the player made, beside the five there are. */
  readonly rooms: readonly Room[];
  readonly writing: Writing;
  readonly taste: StoredTaste;
}

export const defaultProfile: Profile = {
  version: 2,
  instrument: 'guitar',
  ...defaultInstruments,
  leftHanded: false,
  families: [],
  rooms: [],
  writing: { symbols: 'as typed', notes: 'letters', plain: true, school: 'by function' },
  taste: noTaste,
};

/** How a tune is voiced for this player before they have decided anything about it. */
export function arrangementFor({ instrument, keyboard, families }: Profile): Arrangement {
  return {
    ...defaultArrangement,
    instrument,
    keyboardHands: keyboard.hands,
    ...startFor(instrument, defaultArrangement.room),
    ...(families.length ? { families } : {}),
  };
}

/** What in a profile cannot be; paths start at the profile. */
export function checkProfile(profile: Profile): SettingProblem[] {
  const under = (path: string, problems: readonly SettingProblem[]): SettingProblem[] =>
    problems.map((problem) => ({ ...problem, path: `${path}.${problem.path}` }));
  return [
    ...INSTRUMENT_IDS.flatMap((id) => under(id, problemsOfInstrument(id, profile))),
    ...profile.rooms.flatMap((room, at) => under(`rooms.${at}`, problemsOfRoom(room, profile))),
  ];
}

function problemsOfInstrument(id: InstrumentId, { [id]: instrument }: Profile): SettingProblem[] {
  if (instrument.kind === id) return checkInstrument(instrument);
  return [{ path: 'kind', message: `The ${id} is said to be a ${instrument.kind}.` }];
}

/** What is wrong with a room on the instrument that it suits best. */
function problemsOfRoom(room: Room, instruments: Instruments): SettingProblem[] {
  const byInstrument = INSTRUMENT_IDS.map((id) => checkRoom(room, instruments[id], []));
  return byInstrument.find((problems) => !problems.length) ?? byInstrument[0]!;
}

/** The first shape: always some families, drop 2 where nothing was chosen, and no taste. */
type ProfileV1 = Omit<Profile, 'version' | 'taste'> & { readonly version: 1 };

/** What nobody chose in the first shape. */
const UNCHOSEN = 'drop2';

/** A profile in today's shape; one saved before an instrument was there has that as it comes. */
export function upgradeProfile(stored: Profile | ProfileV1): Profile {
  const { version, families, ...rest } = stored;
  const unchosen = version === 1 && families.join() === UNCHOSEN;
  const kept = unchosen ? [] : families;
  return { ...defaultInstruments, taste: noTaste, ...rest, version: 2, families: kept };
}

/** The fret on which the index finger lies while a hand is measured. */
export const MEASURED_FROM = 5;
/** How far past comfort a hand opens at most. Source: our own judgement; as the default hand has it. */
const LIMIT_OF_COMFORT = 1.25;

/**
 * A hand measured on the player's own neck: the index finger at the fifth fret, the little finger as far
 * up as is comfortable.
 * @param fret where the little finger comes to lie
 * @example handReaching(defaultProfile.guitar, 9).limitMm // 125
 */
export function handReaching({ scaleLengthMm }: Fretted, fret: number): Fretted['hand'] {
  const reach = fretPosition(scaleLengthMm, fret) - fretPosition(scaleLengthMm, MEASURED_FROM);
  const comfortableMm = Math.round(reach);
  return { comfortableMm, limitMm: Math.round(comfortableMm * LIMIT_OF_COMFORT) };
}

import { FRETTED, KEYED, type FrettedId, type KeyedId } from './base/instruments';
import type {
  Fretted,
  Keyboard,
  Others,
  PitchRange,
  Room,
  RoomId,
  VoicingSettings,
} from './base/types';

/**
 * How far a fretting hand opens, in mm: up to `comfortable` is easy, up to `limit` a stretch. Source: our
 * own judgement; a player measures their own.
 */
export const HANDS = {
  small: { comfortableMm: 85, limitMm: 105 },
  middle: { comfortableMm: 100, limitMm: 125 },
  large: { comfortableMm: 115, limitMm: 140 },
} as const;

/** A fretted instrument as it comes, in a middle hand. */
function frettedOf(kind: FrettedId): Fretted {
  const { tunings, frets, scaleLengthMm, stringSpacingMm } = FRETTED[kind];
  const tuning = tunings[0].pitches;
  const inHand = { hand: HANDS.middle, picking: 'fingers' } as const;
  return { kind, tuning, frets, capo: 0, scaleLengthMm, stringSpacingMm, ...inHand };
}

/** Keys under two hands that span a ninth. Source: common practice. */
function keyedOf(kind: KeyedId): Keyboard {
  const { lowest, highest } = KEYED[kind];
  return { kind, lowest, highest, hands: 'two', reach: { left: 14, right: 14 } };
}

export const defaultGuitar = frettedOf('guitar');
export const defaultKeyboard = keyedOf('keyboard');

/** Every instrument as a player has it in hand. */
export type Instruments = Readonly<Record<FrettedId, Fretted> & Record<KeyedId, Keyboard>>;

const each = <K extends string, T>(rows: Readonly<Record<K, unknown>>, make: (id: K) => T) =>
  Object.fromEntries((Object.keys(rows) as K[]).map((id) => [id, make(id)])) as Record<K, T>;

export const defaultInstruments: Instruments = {
  ...each(FRETTED, frettedOf),
  ...each(KEYED, keyedOf),
};

/** The instruments, and nothing else, of something that has them. */
export const instrumentsOf = (from: Instruments): Instruments => ({
  ...each(FRETTED, (id) => from[id]),
  ...each(KEYED, (id) => from[id]),
});

/** Where a bass and a soloist usually move: E1 to G3, and G3 to C6. Source: common practice. */
const BASS: PitchRange = { low: 28, high: 55 };
const SOLOIST: PitchRange = { low: 55, high: 84 };
/** A singer's range sits lower than a horn's. */
const SINGER: PitchRange = { low: 55, high: 77 };

const nobody: Others = { bass: false, soloist: false, chords: false };

/**
 * The rooms. Columns: who else plays, register window, where the middle of a voicing sits best, roots,
 * most notes. With a bass the roots are left to it and the window leaves it its register; with a horn it
 * also stays below the soloist; beside another chording instrument it thins out. Source: common
 * practice; the numbers are our defaults.
 */
export const rooms: Readonly<Record<RoomId, Room>> = {
  alone: {
    id: 'alone',
    label: 'Alone',
    others: nobody,
    window: { low: 40, high: 79 },
    centre: { low: 54, high: 64 },
    soloist: SOLOIST,
    bass: BASS,
    roots: true,
    mostNotes: 6,
  },
  singer: {
    id: 'singer',
    label: 'With a singer',
    others: { ...nobody, soloist: true },
    window: { low: 40, high: 74 },
    centre: { low: 53, high: 62 },
    soloist: SINGER,
    bass: BASS,
    roots: true,
    mostNotes: 6,
  },
  bass: {
    id: 'bass',
    label: 'With bass',
    others: { ...nobody, bass: true },
    window: { low: 50, high: 79 },
    centre: { low: 58, high: 68 },
    soloist: SOLOIST,
    bass: BASS,
    roots: false,
    mostNotes: 5,
  },
  'bass and horn': {
    id: 'bass and horn',
    label: 'With bass and a singer or horn',
    others: { ...nobody, bass: true, soloist: true },
    window: { low: 50, high: 72 },
    centre: { low: 56, high: 64 },
    soloist: SOLOIST,
    bass: BASS,
    roots: false,
    mostNotes: 4,
  },
  'bass and chords': {
    id: 'bass and chords',
    label: 'With bass and another chording instrument',
    others: { ...nobody, bass: true, chords: true },
    window: { low: 52, high: 76 },
    centre: { low: 60, high: 68 },
    soloist: SOLOIST,
    bass: BASS,
    roots: false,
    mostNotes: 3,
  },
};

export const defaultVoicingSettings: VoicingSettings = {
  instrument: defaultGuitar,
  room: rooms.alone,
  families: ['drop2'],
  tensions: 'as written',
  voices: 'family',
  strings: [],
  bottom: 'room',
  incomplete: false,
  openStrings: 'low',
  includeOutOfReach: false,
};

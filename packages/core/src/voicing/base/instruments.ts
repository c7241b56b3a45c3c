/**
 * The instruments there are. One row makes one: it is then offered wherever an instrument is chosen, has
 * its page in the profile and its own locks in every arrangement. How the two kinds are played is written
 * in `strings/` and `keys/`; a row of a third kind needs a module of its own beside them.
 *
 * Columns, fretted: what it is called; tunings by name, the usual one first, as MIDI notes from string n to
 * string 1; whether they must rise in that order; frets; scale length and string spacing in mm; how many
 * half steps above what sounds it is written; its General MIDI program, from 0, and how long after its
 * note-on that sound is heard, in seconds.
 * Source: common practice; the programs from General MIDI 1; onsets measured in renders of our sound bank.
 */
export const FRETTED = {
  /** Six strings in E A D G B E. */
  guitar: {
    label: 'Guitar',
    tunings: [
      { name: 'Standard, E A D G B E', pitches: [40, 45, 50, 55, 59, 64] },
      { name: 'Dropped D', pitches: [38, 45, 50, 55, 59, 64] },
      { name: 'All in fourths', pitches: [40, 45, 50, 55, 60, 65] },
      { name: 'A whole step down', pitches: [38, 43, 48, 53, 57, 62] },
      { name: 'Seven strings, low B', pitches: [35, 40, 45, 50, 55, 59, 64] },
      { name: 'Seven strings, low A', pitches: [33, 40, 45, 50, 55, 59, 64] },
      { name: 'Eight strings, low F♯', pitches: [30, 35, 40, 45, 50, 55, 59, 64] },
      { name: 'Four strings, D G B E', pitches: [50, 55, 59, 64] },
      { name: 'Five strings, A D G B E', pitches: [45, 50, 55, 59, 64] },
    ],
    rising: true,
    frets: 20,
    scaleLengthMm: 648,
    stringSpacingMm: 10.5,
    writtenAbove: 12,
    program: 26,
    onset: 0.00095,
  },
  /** Four strings in G C E A on the concert size, the fourth string re-entrant: it sounds above the third. */
  ukulele: {
    label: 'Ukulele',
    tunings: [
      { name: 'Standard, G C E A', pitches: [67, 60, 64, 69] },
      { name: 'Low G', pitches: [55, 60, 64, 69] },
      { name: 'A whole step up, A D F♯ B', pitches: [69, 62, 66, 71] },
      { name: 'Baritone, D G B E', pitches: [50, 55, 59, 64] },
    ],
    rising: false,
    frets: 15,
    scaleLengthMm: 380,
    stringSpacingMm: 10,
    writtenAbove: 0,
    program: 24,
    onset: 0.0034,
  },
} as const;

/** Columns, with keys: what it is called, the lowest and the highest key, program and onset as above. */
export const KEYED = {
  keyboard: { label: 'Keyboard', lowest: 21, highest: 108, program: 4, onset: 0.0001 },
} as const;

export type FrettedId = keyof typeof FRETTED;
export type KeyedId = keyof typeof KEYED;
export type InstrumentId = FrettedId | KeyedId;

/** Something for each instrument. */
export const forEachInstrument = <T>(
  make: (id: InstrumentId) => T,
): Readonly<Record<InstrumentId, T>> =>
  Object.fromEntries(INSTRUMENT_IDS.map((id) => [id, make(id)])) as Record<InstrumentId, T>;

const idsOf = <K extends string>(rows: Readonly<Record<K, unknown>>): K[] =>
  Object.keys(rows) as K[];

/** In the order in which they are offered. */
export const INSTRUMENT_IDS: readonly InstrumentId[] = [...idsOf(FRETTED), ...idsOf(KEYED)];
export const FRETTED_IDS: readonly FrettedId[] = idsOf(FRETTED);
export const KEYED_IDS: readonly KeyedId[] = idsOf(KEYED);

export const isFrettedId = (id: InstrumentId): id is FrettedId => id in FRETTED;

/** What an instrument is called, on a label. */
export const labelOfInstrument = (id: InstrumentId): string =>
  (isFrettedId(id) ? FRETTED[id] : KEYED[id]).label;

/** What an instrument sounds by: its General MIDI program, from 0, and that sound's onset in seconds. */
export const voiceOf = (id: InstrumentId): { readonly program: number; readonly onset: number } =>
  isFrettedId(id) ? FRETTED[id] : KEYED[id];

import type { School } from '../../analysis/base/types';
import type { SheetHead } from '../documents';
import type { InstrumentId } from '../../voicing/base/instruments';
import type { OutOfRange } from '../inRange';
import type { ReaderId } from '../readers';
import type { SheetSolo } from '../soloSheet';
import type { Score } from '../types';

export const SHEET_KINDS = [
  'lead sheet',
  'melody',
  'voicings',
  'comp',
  'comp rhythm',
  'solo line',
  'scales',
  'roots',
  'arpeggios',
  'guide tones',
] as const;
export type SheetKind = (typeof SHEET_KINDS)[number];

/** What each document is called. */
export const SHEET_LABELS: Readonly<Record<SheetKind, string>> = {
  'lead sheet': 'Lead sheet',
  melody: 'Melody and chords',
  voicings: 'Voicings',
  comp: 'Comp part',
  'comp rhythm': 'Comp rhythm, in slashes',
  'solo line': 'Solo line with degrees',
  scales: 'A scale for each chord',
  roots: 'Roots',
  arpeggios: 'Arpeggios',
  'guide tones': 'Guide tones',
};

type CompedKind = 'comp' | 'comp rhythm';
/** Documents of the one chorus. */
export type VoicedKind = Exclude<SheetKind, CompedKind>;
/** Whether a document is of all choruses as they are comped. */
export const isCompedKind = (kind: SheetKind): kind is CompedKind =>
  kind === 'comp' || kind === 'comp rhythm';

const FOR_READERS: ReadonlySet<string> = new Set<SheetKind>([
  ...(['lead sheet', 'melody', 'solo line', 'scales'] as const),
  ...(['roots', 'arpeggios', 'guide tones'] as const),
]);
/** Whether players of other instruments read it too. */
export const isForReaders = (kind: string): boolean => FOR_READERS.has(kind);

const OF_SOLO: ReadonlySet<string> = new Set<SheetKind>(['melody', 'solo line']);
/** Whether it is one of the tune's solo lines. */
export const isOfSolo = (kind: string): boolean => OF_SOLO.has(kind);

const LAYERS: ReadonlySet<SheetKind> = new Set<SheetKind>(['roots', 'arpeggios', 'guide tones']);
/** Who reads a document where nobody was chosen: a line to be practised is read by whoever plays the instrument. */
export const usualReader = (kind: SheetKind, instrument: InstrumentId): ReaderId =>
  LAYERS.has(kind) && instrument === 'guitar' ? 'guitar' : 'concert';

/** Documents that a whole set can have, one tune after the other. */
export const SET_KINDS: readonly SheetKind[] = SHEET_KINDS.filter((kind) => !isOfSolo(kind));

/** A document to be taken away. */
export interface SheetRequest extends SheetHead {
  readonly kind: SheetKind;
  readonly reader: ReaderId;
  /** How many octaves up it is moved, or down below 0. */
  readonly octaves: number;
  /** Whether every chord has its number under it. */
  readonly numbers: boolean;
  /** Whose scales are written where none is kept. */
  readonly school: School;
  /** Of a melody or a solo line: which one. */
  readonly solo?: SheetSolo;
}

export interface Sheet {
  readonly score: Score;
  /** Notes outside the range of its reader. */
  readonly outside: readonly OutOfRange[];
  /** The octaves that would leave fewest of them, 0 where none is better. */
  readonly octave: number;
}

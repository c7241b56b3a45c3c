import type { SheetKind } from '../engine/protocol';
import { SHEET_KINDS } from '../engine/protocol';

/** What can be taken away on paper: documents in notes, and the picture of the threads. */
export type DocumentKind = SheetKind | 'threads';
export const DOCUMENT_KINDS: readonly DocumentKind[] = [...SHEET_KINDS, 'threads'];

export const DOCUMENT_LABELS: Readonly<Record<DocumentKind, string>> = {
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
  threads: 'Threads, as a picture',
};

const FOR_READERS: ReadonlySet<DocumentKind> = new Set<DocumentKind>([
  ...(['lead sheet', 'melody', 'solo line', 'scales'] as const),
  ...(['roots', 'arpeggios', 'guide tones'] as const),
]);
/** Whether players of other instruments read it too. */
export const isForReaders = (kind: DocumentKind): boolean => FOR_READERS.has(kind);

const LINES: ReadonlySet<DocumentKind> = new Set<DocumentKind>([
  ...(['melody', 'solo line', 'roots', 'arpeggios', 'guide tones'] as const),
]);
/** Whether it is one line, which is heard over the band; of the others the choruses are. */
export const isLine = (kind: DocumentKind): boolean => LINES.has(kind);

/** Whether it is one of the tune's solo lines. */
export const isOfSolo = (kind: DocumentKind): boolean => kind === 'melody' || kind === 'solo line';

/** Documents that a whole set can have, one tune after the other. */
export const SET_KINDS: readonly SheetKind[] = SHEET_KINDS.filter((kind) => !isOfSolo(kind));

import { SHEET_KINDS, SHEET_LABELS, type SheetKind } from '@drop-close/core';

/** What can be taken away on paper: documents in notes, and the picture of the threads. */
export type DocumentKind = SheetKind | 'threads';
export const DOCUMENT_KINDS: readonly DocumentKind[] = [...SHEET_KINDS, 'threads'];

export const DOCUMENT_LABELS: Readonly<Record<DocumentKind, string>> = {
  ...SHEET_LABELS,
  threads: 'Threads, as a picture',
};

const LINES: ReadonlySet<DocumentKind> = new Set<DocumentKind>([
  ...(['melody', 'solo line', 'roots', 'arpeggios', 'guide tones'] as const),
]);
/** Whether it is one line, which is heard over the band; of the others the choruses are. */
export const isLine = (kind: DocumentKind): boolean => LINES.has(kind);

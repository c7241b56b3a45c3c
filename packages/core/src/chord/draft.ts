import type { Degree } from './degrees';

/**
 * What the parser has gathered from a symbol so far, before it becomes tones. A rule of the grammar
 * returns a new draft, or a sentence saying why its word cannot stand here.
 */
export interface ChordDraft {
  readonly quality?: 'major' | 'minor' | 'diminished' | 'half-diminished' | 'augmented' | 'power';
  /** A major seventh was asked for, by a word (`maj`, needs a number) or a triangle (needs none). */
  readonly majorSeventh?: 'word' | 'triangle';
  readonly number?: '6' | '6/9' | '7' | '9' | '11' | '13';
  readonly suspension?: '2' | '4';
  readonly alt?: true;
  /** `b5 #5 b9 #9 #11 b13` as written. */
  readonly alterations: readonly Degree[];
  /** Natural tones added by name. */
  readonly added: readonly Degree[];
  readonly omitted: readonly ('3' | '5')[];
}

export const EMPTY_DRAFT: ChordDraft = { alterations: [], added: [], omitted: [] };

/** True while the place right after the root is still free for a quality. */
export const qualityIsFree = (draft: ChordDraft): boolean =>
  !draft.quality && !draft.number && !draft.suspension && !draft.alt && !draft.alterations.length;

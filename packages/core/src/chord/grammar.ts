import type { Degree } from './degrees';
import { qualityIsFree, type ChordDraft } from './draft';

/**
 * The words of a chord symbol after its root. Each rule recognises one word at a position and says
 * what it does to the draft: a new draft, a sentence of refusal, or `undefined` when the word is not
 * this rule's business in this place (another rule may read it). Rules are tried in order.
 */
export interface SymbolRule {
  /** Sticky pattern, matched at the current position. */
  readonly word: RegExp;
  readonly read: (draft: ChordDraft, match: RegExpExecArray) => ChordDraft | string | undefined;
}

const quality =
  (name: NonNullable<ChordDraft['quality']>) =>
  (draft: ChordDraft): ChordDraft | undefined =>
    qualityIsFree(draft) ? { ...draft, quality: name } : undefined;

const majorSeventh =
  (form: 'word' | 'triangle') =>
  (draft: ChordDraft): ChordDraft | string | undefined => {
    if (draft.majorSeventh) return 'the major seventh is already there';
    if (draft.number) return `the chord already has a ${draft.number}`;
    if (draft.quality === 'half-diminished') return 'ø has a minor seventh';
    return { ...draft, quality: draft.quality ?? 'major', majorSeventh: form };
  };

type MainNumber = NonNullable<ChordDraft['number']>;

function readNumber(draft: ChordDraft, match: RegExpExecArray): ChordDraft | string {
  const written = match[0].startsWith('6') && match[0].length > 1 ? '6/9' : match[0];
  const number = written as MainNumber;
  if (draft.quality === 'power') return 'a power chord takes no number';
  if (!draft.number && !draft.alt) return { ...draft, number };
  if (number === '9' || number === '11' || number === '13') {
    return { ...draft, added: [...draft.added, number] };
  }
  return draft.alt
    ? 'alt already has its seventh'
    : `the chord already has a ${draft.number ?? ''}`;
}

const ALTERED: Readonly<Record<string, Degree>> = {
  b5: 'b5',
  '#5': '#5',
  b9: 'b9',
  '#9': '#9',
  '#11': '#11',
  b13: 'b13',
};

function readAlteration(draft: ChordDraft, match: RegExpExecArray): ChordDraft | string {
  const sign = match[1] === '+' || match[1] === '#' ? '#' : 'b';
  const degree = ALTERED[`${sign}${match[2] ?? ''}`];
  if (!degree) return `${sign}${match[2] ?? ''} is not one of b5 #5 b9 #9 #11 b13`;
  if (draft.alt) return 'alt already stands for the altered fifths and ninths';
  if (degree === '#9' && isMinor(draft))
    return 'the minor third is already there, and #9 is its pitch';
  return { ...draft, alterations: [...draft.alterations, degree] };
}

const isMinor = (draft: ChordDraft): boolean =>
  draft.quality === 'minor' ||
  draft.quality === 'diminished' ||
  draft.quality === 'half-diminished';

const ADDED: Readonly<Record<string, Degree>> = {
  '2': '2',
  '4': '4',
  '6': '6',
  '9': '9',
  '11': '11',
  '13': '13',
  b9: 'b9',
  '#9': '#9',
  '#11': '#11',
  b13: 'b13',
};

function readAdded(draft: ChordDraft, match: RegExpExecArray): ChordDraft | string {
  const degree = ADDED[match[1] ?? ''];
  if (!degree) return `${match[1] ?? ''} cannot be added by name`;
  return { ...draft, added: [...draft.added, degree] };
}

function readSuspension(draft: ChordDraft, match: RegExpExecArray): ChordDraft | string {
  if (draft.suspension) return 'the chord is already suspended';
  if (draft.quality === 'power') return 'a power chord has no third to suspend';
  if (isMinor(draft)) return 'sus replaces the third, so no minor third can stand beside it';
  return { ...draft, suspension: match[1] === '2' ? '2' : '4' };
}

function readAlt(draft: ChordDraft): ChordDraft | string {
  if (draft.quality || draft.suspension) return 'alt belongs to a plain dominant, as in C7alt';
  if (draft.number && draft.number !== '7') return 'alt follows a 7, as in C7alt';
  if (draft.alterations.length) return 'alt already stands for the altered fifths and ninths';
  return { ...draft, number: '7', alt: true };
}

export const SYMBOL_RULES: readonly SymbolRule[] = [
  // "ma" must leave "madd9" to the minor triad with an added ninth.
  { word: /maj|ma(?!dd|lt|ug)/iy, read: majorSeventh('word') },
  { word: /M(?![iI])/y, read: majorSeventh('word') },
  { word: /Δ|\^/y, read: majorSeventh('triangle') },
  { word: /min|mi/iy, read: quality('minor') },
  { word: /m|-(?!5)/y, read: quality('minor') },
  { word: /dim|°|o(?!mit)/iy, read: quality('diminished') },
  { word: /ø/y, read: quality('half-diminished') },
  { word: /aug|\+(?!5)/iy, read: quality('augmented') },
  { word: /5/y, read: quality('power') },
  { word: /6\/9|6\(9\)|69|6|7|9|11|13/y, read: readNumber },
  { word: /([b#+-])(\d+)/y, read: readAlteration },
  {
    word: /aug|\+/iy,
    read: (draft) => ({ ...draft, alterations: [...draft.alterations, '#5'] }),
  },
  { word: /sus([24]?)/iy, read: readSuspension },
  { word: /add([b#]?\d+)/iy, read: readAdded },
  { word: /alt/iy, read: readAlt },
  {
    word: /(?:no|omit) ?([35])/iy,
    read: (draft, match) => ({ ...draft, omitted: [...draft.omitted, match[1] as '3' | '5'] }),
  },
];

/** What may follow, in words, for the message at the first character that cannot be read. */
export function expectedAfter(draft: ChordDraft): string {
  if (qualityIsFree(draft)) {
    return 'a quality such as m, maj7, 7, m7b5, dim, + or sus4, or a slash and a bass note';
  }
  if (draft.number) {
    return 'an alteration (b5 #5 b9 #9 #11 b13), sus, add, no3, no5, or a slash and a bass note';
  }
  return 'a number (6, 7, 9, 11, 13), an alteration, sus, add, or a slash and a bass note';
}

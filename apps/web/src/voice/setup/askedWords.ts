import {
  familyOf,
  setInWords,
  type Arrangement,
  type Asked,
  type FamilyId,
} from '@drop-close/core';

/** Families that are named before they are only counted. */
const MOST_NAMED = 2;

/** Families as a player says them: "drop 2, rootless". */
export const familiesInWords = (chosen: readonly FamilyId[]): string =>
  chosen.length > MOST_NAMED
    ? `${chosen.length} families`
    : chosen.map((id) => familyOf(id).label).join(', ');

/** What is asked of voicings, in few words: "drop 2, 4 voices, on 6-5-4-3". */
export function voicingsInWords({
  families,
  asked,
}: Pick<Arrangement, 'families' | 'asked'>): string {
  return [familiesInWords(families), voicesInWords(asked), stringsInWords(asked)]
    .filter(Boolean)
    .join(', ');
}

function voicesInWords({ voices }: Asked): string {
  if (voices === 'family') return '';
  return voices === 'fewest' ? 'few voices' : `${voices} voices`;
}

const stringsInWords = ({ strings }: Asked): string =>
  strings.length ? `on ${strings.map(setInWords).join(', ')}` : '';

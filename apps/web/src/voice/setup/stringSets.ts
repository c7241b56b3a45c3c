import { familyOf, setInWords, stringsIn, type FamilyId } from '@drop-close/core';

/** Strings a grip lies on, next to each other. */
const SMALLEST = 2;
const LARGEST = 5;

interface SetOptions {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

/** String sets to choose from: those of the chosen families first, then neighbouring strings. */
export function setOptions(families: readonly FamilyId[], strings: number): SetOptions[] {
  const fits = (set: string): boolean => stringsIn(set).every((string) => string <= strings);
  const own = [...new Set(families.flatMap((id) => familyOf(id).strings ?? []))].filter(fits);
  const neighbours = neighbouring(strings).filter((set) => !own.includes(set));
  const listed = (sets: readonly string[]) =>
    sets.map((value) => ({ value, label: setInWords(value) }));
  return [
    { label: 'Of these voicings', options: listed(own) },
    { label: 'Neighbouring strings', options: listed(neighbours) },
  ].filter(({ options }) => options.length > 0);
}

function neighbouring(strings: number): string[] {
  const sets: string[] = [];
  for (let size = SMALLEST; size <= Math.min(LARGEST, strings); size += 1) {
    for (let low = strings; low >= size; low -= 1) {
      sets.push(Array.from({ length: size }, (_, index) => low - index).join(''));
    }
  }
  return sets;
}

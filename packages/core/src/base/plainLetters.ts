/**
 * A text as it is searched: small letters without accents. The database has the same function for its index.
 * @example plainLetters('Früh am Kai') // 'fruh am kai'
 */
export const plainLetters = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase();

/** The words of a search, as they are searched. */
export const searchedWords = (search: string): string[] =>
  plainLetters(search).split(/\s+/).filter(Boolean);

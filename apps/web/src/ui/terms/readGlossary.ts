/**
 * The words of a glossary, each with what it means, without the marks of its table.
 * @param markdown rows of `| **word** | meaning |`; words that share a row are parted by commas
 */
export function readGlossary(markdown: string): ReadonlyMap<string, string> {
  const rows = markdown.matchAll(/^\| \*\*(.+?)\*\* +\| (.+?) +\|$/gm);
  const words = [...rows].flatMap(([, names = '', meaning = '']) =>
    names.split(', ').map((name) => [name, asSaid(meaning)] as const),
  );
  return new Map(words);
}

/** Numbers of chords keep their case. */
const asSaid = (meaning: string): string => {
  const plain = meaning.replaceAll('_', '');
  return /^[ivx]+\b/.test(plain) ? plain : plain.charAt(0).toUpperCase() + plain.slice(1);
};

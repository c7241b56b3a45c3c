/** "a, b and c". */
export const inList = (items: readonly string[]): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`;

/** Parts that start with what they are about, as one sentence. */
export const sentence = (parts: readonly string[]): string => {
  const text = parts.join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
};

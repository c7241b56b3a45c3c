/** "a, b and c". */
export const inList = (items: readonly (string | number)[]): string =>
  items.length < 2 ? items.join() : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`;

/** "bar 4", "bars 3, 4 and 9". */
export const barsInList = (bars: readonly number[]): string =>
  `${bars.length === 1 ? 'bar' : 'bars'} ${inList(bars)}`;

/** Parts that start with what they are about, as one sentence. */
export const sentence = (parts: readonly string[]): string => {
  const text = parts.join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
};

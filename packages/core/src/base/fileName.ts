/** No folder or file is named longer, in characters. */
const LONGEST = 60;

/** A title as every system takes it as the name of a file; empty where nothing of it is left. */
export function fileName(title: string): string {
  // eslint-disable-next-line no-control-regex -- control characters are what is taken out
  const plain = title.replace(/[\\/:*?"<>|\u0000-\u001f]/g, ' ').trim();
  return Array.from(plain)
    .slice(0, LONGEST)
    .join('')
    .replace(/[. ]+$/, '');
}

/** A character that no text of the book may hold, and what it is called. */
export interface UnstorableCharacter {
  /** Where it stands, in UTF-16 units from 0. */
  readonly index: number;
  readonly name: string;
}

/** Control characters but for tab and line ends, and halves of a surrogate pair that stand alone. */
const UNSTORABLE =
  // eslint-disable-next-line no-control-regex -- these are what is looked for
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/**
 * The first character of a text that cannot be stored, or `undefined` where all can. A database holds no
 * NUL, and half a surrogate pair is no character: it would come back as another.
 * @example unstorableIn('Night\u0000boat') // { index: 5, name: 'NUL' }
 */
export function unstorableIn(text: string): UnstorableCharacter | undefined {
  const index = text.search(UNSTORABLE);
  return index < 0 ? undefined : { index, name: nameOf(text.charCodeAt(index)) };
}

/** A text without the characters that cannot be stored; for names that came in with a file. */
export function storablePart(text: string): string {
  return text.replace(new RegExp(UNSTORABLE, 'g'), '');
}

function nameOf(code: number): string {
  if (code === 0) return 'NUL';
  const hex = `U+${code.toString(16).toUpperCase().padStart(4, '0')}`;
  return code < 0xd800 ? `control character ${hex}` : `half a character, ${hex}`;
}

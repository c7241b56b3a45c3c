import XMLBuilder from 'fast-xml-builder';

/** An element as the builder takes it. */
export type XmlNode = Readonly<Record<string, unknown>>;

type Attributes = Readonly<Record<string, string | number>>;

/** An element with its children, or with text. */
export function element(
  name: string,
  inside: readonly XmlNode[] | string | number = [],
  attributes: Attributes = {},
): XmlNode {
  const children = typeof inside === 'object' ? inside : [{ '#text': String(inside) }];
  const own = Object.fromEntries(
    Object.entries(attributes).map(([key, value]) => [`@_${key}`, String(value)]),
  );
  return { [name]: children, ...(Object.keys(own).length > 0 && { ':@': own }) };
}

const builder = new XMLBuilder({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '@_',
  suppressEmptyNode: true,
  format: true,
  indentBy: ' ',
});

/** What XML 1.0 does not allow in a document, whatever somebody typed. */
// eslint-disable-next-line no-control-regex
const FORBIDDEN = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g;

/** A document of MusicXML 4.0. */
export const documentOf = (root: XmlNode): string =>
  `<?xml version="1.0" encoding="UTF-8" standalone="no"?>
<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">
${builder.build([root]).replace(FORBIDDEN, '').trim()}
`;

import { XMLParser } from 'fast-xml-parser';

/** Keeps the order of elements, as measures need it. Files with entities of their own are refused before. */
export const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  htmlEntities: true,
  parseTagValue: false,
});

/** An element as the parser gives it: its name with its children, beside its attributes. */
type Raw = Readonly<Record<string, unknown>>;
export interface Element {
  readonly name: string;
  readonly children: readonly Element[];
  readonly text: string;
  readonly attributes: Readonly<Record<string, string>>;
}

/** Elements out of what the parser gives. */
export function childrenOf(raw: readonly unknown[]): Element[] {
  return (raw as readonly Raw[]).flatMap((item): Element[] => {
    const name = Object.keys(item).find((key) => key !== ':@');
    if (name === undefined || name === '#text') return [];
    const inside = item[name] as readonly Raw[];
    const text = inside.map((child) => (child['#text'] as string | undefined) ?? '').join('');
    const attributes = (item[':@'] ?? {}) as Record<string, string>;
    return [{ name, children: childrenOf(inside), text, attributes }];
  });
}

/** The first child of a name. */
export const child = ({ children }: Element, name: string): Element | undefined =>
  children.find((each) => each.name === name);
/** The number an element holds. */
export const numberIn = (element: Element | undefined): number | undefined => {
  const value = Number(element?.text);
  return element && Number.isFinite(value) ? value : undefined;
};

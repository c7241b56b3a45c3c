import { unstorableIn } from '@drop-close/core';
import type { FieldProblem } from '../problem/problem';

/** Lists and objects of a body, each with what is in it. More than the longest tune with everything marked. */
export const MOST_PARTS = 20_000;
/** Items of one list. */
export const LONGEST_LIST = 10_000;
/** Lists and objects within each other. */
export const DEEPEST = 24;
/** From here on a body is checked in a thread of its own, so that others are answered meanwhile. */
const LARGE = 400;

/** What is wrong with a body whatever it is for, and whether it is large. */
export interface BodyShape {
  readonly problems: readonly FieldProblem[];
  readonly large: boolean;
}

interface Part {
  readonly value: unknown;
  readonly path: string;
  readonly depth: number;
}

/**
 * Looks through a body before it is checked field by field: class-validator goes into every item of a list
 * even where the list is too long. Stops at the first problem of size, and at the first text that cannot
 * be stored. Not recursive: a body of a megabyte can be half a million brackets deep.
 */
export function bodyShape(body: unknown): BodyShape {
  let parts = 0;
  const left: Part[] = [{ value: body, path: '', depth: 0 }];
  const wrong = (path: string, message: string): BodyShape => ({
    problems: [{ path: path || 'body', message }],
    large: false,
  });
  for (let part = left.pop(); part; part = left.pop()) {
    const { value, path, depth } = part;
    if (typeof value === 'string') {
      const bad = unstorableIn(value);
      if (bad) return wrong(path, unstorable(bad.name, bad.index));
      continue;
    }
    if (typeof value !== 'object' || value === null) continue;
    parts += 1;
    const entries = Object.entries(value);
    if (depth > DEEPEST) return wrong(path, `is nested more than ${DEEPEST} deep`);
    if (parts > MOST_PARTS) return wrong('', `should have up to ${MOST_PARTS} lists and objects`);
    if (entries.length > LONGEST_LIST) {
      return wrong(path, `should have up to ${LONGEST_LIST} items; it has ${entries.length}`);
    }
    for (const [key, item] of entries) {
      const bad = unstorableIn(key);
      if (bad) return wrong(path, `has a name that ${unstorable(bad.name, bad.index)}`);
      left.push({ value: item, path: path ? `${path}.${key}` : key, depth: depth + 1 });
    }
  }
  return { problems: [], large: parts > LARGE };
}

const unstorable = (name: string, index: number): string =>
  `holds a character that cannot be stored (${name}) after ${index} others: delete it`;

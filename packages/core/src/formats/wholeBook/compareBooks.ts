import equal from 'fast-deep-equal';
import type { WholeBook } from './types';

/** How something that comes in stands to what is there. */
export type Standing = 'new' | 'same' | 'different';

const KINDS = ['tunes', 'sets', 'licks'] as const;
export type ComparedKind = (typeof KINDS)[number];

export interface Compared {
  readonly kind: ComparedKind;
  readonly id: string;
  /** As it comes in. */
  readonly name: string;
  readonly standing: Standing;
}

/** Tunes, sets and licks of a book, each beside its like in another. */
export function compareBooks(incoming: WholeBook, here: WholeBook): Compared[] {
  return KINDS.flatMap((kind) => {
    const own = new Map<string, object>(here[kind].map((each) => [each.id, each]));
    return incoming[kind].map((each): Compared => {
      const there = own.get(each.id);
      const standing = !there ? 'new' : equal(there, each) ? 'same' : 'different';
      return { kind, id: each.id, name: 'title' in each ? each.title : each.name, standing };
    });
  });
}

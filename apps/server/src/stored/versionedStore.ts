import {
  OptimisticLockError,
  UniqueConstraintViolationException,
  type EntityManager,
  type EntityName,
  type FilterQuery,
} from '@mikro-orm/core';
import { isDeepStrictEqual } from 'node:util';
import { NoSuchThing, StaleSave, type ThingName } from '../problem/errors';

/** What is stored with a version that every save counts up. */
interface Versioned {
  readonly version: number;
}

/** A kind of thing that is stored, and how it is shown. */
export interface StoredKind<E extends object, V> {
  readonly entity: EntityName<E>;
  /** What it is called in an answer that there is none. */
  readonly name: ThingName;
  /** Which one an id means, of those that are not thrown away. */
  readonly there: (id: string) => FilterQuery<E>;
  /** What `view` shows of it besides its own fields, by the names of the relations. */
  readonly with?: readonly (keyof E & string)[];
  readonly view: (stored: E) => V;
}

/** Finds, saves, throws away and puts back things of one kind; every save says from which version it started. */
export class VersionedStore<E extends object, V> {
  constructor(
    private readonly em: EntityManager,
    private readonly kind: StoredKind<E, V>,
  ) {}

  /** @throws NoSuchThing where there is none, or it is thrown away */
  async find(id: string): Promise<E> {
    return this.loaded(id, this.kind.there(id));
  }

  async read(id: string): Promise<V> {
    return this.kind.view(await this.find(id));
  }

  /**
   * Changes what is stored, if the save started from the version that is stored. A save of what is stored
   * already is no conflict: it is one whose answer was lost.
   * @param change may refuse by throwing, before it changes anything
   * @throws StaleSave where it did not, or another save came first; then nothing is changed
   */
  async save(
    this: VersionedStore<E & Versioned, V>,
    id: string,
    body: Versioned,
    change: (stored: E) => void | Promise<void>,
  ): Promise<V> {
    const stored = await this.find(id);
    if (stored.version !== body.version) return unlessSame(body, this.kind.view(stored));
    await change(stored);
    const first = await flushFirst(this.em);
    return first ? this.kind.view(stored) : unlessSame(body, await this.read(id));
  }

  /** Marks it as thrown away, so that it can be put back. */
  async throwAway(this: VersionedStore<E & Deletable, V>, id: string): Promise<void> {
    await this.find(id);
    await this.mark(id, new Date());
  }

  /**
   * Takes a deletion back.
   * @param check of what comes back; may refuse by throwing, then nothing is changed
   */
  async restore(
    this: VersionedStore<E & Deletable, V>,
    id: string,
    check?: (thrown: E) => Promise<void>,
  ): Promise<V> {
    const where = { id, deletedAt: { $ne: null } } as unknown as FilterQuery<E & Deletable>;
    const thrown = check && (await this.em.findOne(this.kind.entity, where));
    if (thrown) await check(thrown);
    await this.mark(id, null);
    return this.read(id);
  }

  /** Whatever is saved at the same moment: what is thrown away is put back as it was saved last. */
  private async mark(
    this: VersionedStore<E & Deletable, V>,
    id: string,
    deletedAt: Date | null,
  ): Promise<void> {
    // Ids are what every kind has; the generic type does not know it.
    const where = { id } as unknown as FilterQuery<E & Deletable>;
    await this.em.nativeUpdate(this.kind.entity, where, { deletedAt } as never);
    this.em.clear();
  }

  private async loaded(id: string, where: FilterQuery<E>): Promise<E> {
    // MikroORM works out names of relations from a concrete entity, not from a generic one.
    const populate = [...(this.kind.with ?? [])] as never;
    const stored = await this.em.findOne(this.kind.entity, where, { populate });
    if (!stored) throw new NoSuchThing(this.kind.name, id);
    return stored;
  }
}

interface Deletable {
  deletedAt: Date | null;
}

/** Flushes. @returns false where another save came first; then nothing is changed */
export async function flushFirst(em: EntityManager): Promise<boolean> {
  try {
    await em.flush();
    return true;
  } catch (error) {
    const overtaken =
      error instanceof OptimisticLockError || error instanceof UniqueConstraintViolationException;
    if (!overtaken) throw error;
    em.clear();
    return false;
  }
}

/**
 * What is stored, where a stale save asks for just that.
 * @throws StaleSave where it asks for something else
 */
export function unlessSame<V>(body: object, stored: V): V {
  const { version: _, ...wanted } = plain(body) as Record<string, unknown>;
  const there = plain(stored) as Record<string, unknown>;
  const same = Object.entries(wanted).every(([name, value]) =>
    isDeepStrictEqual(value, there[name]),
  );
  if (same) return stored;
  throw new StaleSave(stored);
}

/** As it goes over the API: without classes, and without what is undefined. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

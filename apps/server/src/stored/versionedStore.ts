import {
  OptimisticLockError,
  UniqueConstraintViolationException,
  type EntityManager,
  type EntityName,
  type FilterQuery,
} from '@mikro-orm/core';
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
   * Changes what is stored, if the save started from the version that is stored.
   * @throws StaleSave with both where it did not, or another save came first; then nothing is changed
   */
  async save(
    this: VersionedStore<E & Versioned, V>,
    id: string,
    body: Versioned,
    change: (stored: E) => void,
  ): Promise<V> {
    const stored = await this.find(id);
    if (stored.version !== body.version) throw new StaleSave(body, this.kind.view(stored));
    change(stored);
    await flushFirst(this.em, body, () => this.read(id));
    return this.kind.view(stored);
  }

  /** Marks it as thrown away, so that it can be put back. */
  async throwAway(this: VersionedStore<E & Deletable, V>, id: string): Promise<void> {
    const stored = await this.find(id);
    stored.deletedAt = new Date();
    await this.em.flush();
  }

  /** Takes a deletion back. */
  async restore(this: VersionedStore<E & Deletable, V>, id: string): Promise<V> {
    // Ids are what every kind has; the generic type does not know it.
    const stored = await this.loaded(id, { id } as unknown as FilterQuery<E & Deletable>);
    stored.deletedAt = null;
    await this.em.flush();
    return this.kind.view(stored);
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

/** Flushes, and where another save came first refuses with both. @param theirs reads what is stored now */
export async function flushFirst(
  em: EntityManager,
  yours: unknown,
  theirs: () => Promise<unknown>,
): Promise<void> {
  try {
    await em.flush();
  } catch (error) {
    const overtaken =
      error instanceof OptimisticLockError || error instanceof UniqueConstraintViolationException;
    if (!overtaken) throw error;
    em.clear();
    throw new StaleSave(yours, await theirs());
  }
}

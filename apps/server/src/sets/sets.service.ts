import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { checkRoom } from '../stored/room';
import { VersionedStore, type StoredKind } from '../stored/versionedStore';
import { SetBody, SetSave } from './set.dto';
import { SetEntity } from './set.entity';
import { SetView } from './set.views';

const SETS: StoredKind<SetEntity, SetView> = {
  entity: SetEntity,
  name: 'set',
  there: (id) => ({ id, deletedAt: null }),
  view: (set) => new SetView(set),
};

@Injectable()
export class SetsService {
  private readonly sets: VersionedStore<SetEntity, SetView>;

  constructor(private readonly em: EntityManager) {
    this.sets = new VersionedStore(em, SETS);
  }

  async list(): Promise<SetView[]> {
    const sets = await this.em.find(
      SetEntity,
      { deletedAt: null },
      { orderBy: { createdAt: 'asc' } },
    );
    return sets.map((set) => new SetView(set));
  }

  async create({ name, tuneIds, day }: SetBody): Promise<SetView> {
    await checkRoom(this.em, 'set', { name, tuneIds });
    const fields = { name: name.trim(), tuneIds: [...tuneIds], day: day ?? null };
    const set = this.em.create(SetEntity, fields, { partial: true });
    await this.em.flush();
    return new SetView(set);
  }

  save(id: string, body: SetSave): Promise<SetView> {
    return this.sets.save(id, body, async (set) => {
      await checkRoom(this.em, 'set', body, { id });
      set.name = body.name.trim();
      set.tuneIds = [...body.tuneIds];
      set.day = body.day ?? null;
    });
  }

  delete(id: string): Promise<void> {
    return this.sets.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<SetView> {
    return this.sets.restore(id, ({ name, tuneIds }) =>
      checkRoom(this.em, 'set', { name, tuneIds }),
    );
  }
}

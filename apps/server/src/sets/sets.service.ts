import { EntityManager, OptimisticLockError } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { NoSuchThing, StaleSave } from '../problem/errors';
import { SetBody, SetSave } from './set.dto';
import { SetEntity } from './set.entity';
import { SetView } from './set.views';

@Injectable()
export class SetsService {
  constructor(private readonly em: EntityManager) {}

  async list(): Promise<SetView[]> {
    const sets = await this.em.find(
      SetEntity,
      { deletedAt: null },
      { orderBy: { createdAt: 'asc' } },
    );
    return sets.map((set) => new SetView(set));
  }

  async create({ name, tuneIds }: SetBody): Promise<SetView> {
    const set = this.em.create(SetEntity, { name: name.trim(), tuneIds }, { partial: true });
    await this.em.flush();
    return new SetView(set);
  }

  async save(id: string, body: SetSave): Promise<SetView> {
    const set = await this.find(id);
    if (set.version !== body.version) throw new StaleSave(body, new SetView(set));
    set.name = body.name.trim();
    set.tuneIds = body.tuneIds;
    try {
      await this.em.flush();
    } catch (error) {
      if (!(error instanceof OptimisticLockError)) throw error;
      this.em.clear();
      throw new StaleSave(body, new SetView(await this.find(id)));
    }
    return new SetView(set);
  }

  async delete(id: string): Promise<void> {
    const set = await this.find(id);
    set.deletedAt = new Date();
    await this.em.flush();
  }

  /** Takes a deletion back. */
  async restore(id: string): Promise<SetView> {
    const set = await this.em.findOne(SetEntity, { id });
    if (!set) throw new NoSuchThing('set', id);
    set.deletedAt = null;
    await this.em.flush();
    return new SetView(set);
  }

  private async find(id: string): Promise<SetEntity> {
    const set = await this.em.findOne(SetEntity, { id, deletedAt: null });
    if (!set) throw new NoSuchThing('set', id);
    return set;
  }
}

import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { checkRoom } from '../stored/room';
import { VersionedStore, type StoredKind } from '../stored/versionedStore';
import { LickBody, LickSave } from './lick.dto';
import { LickEntity } from './lick.entity';
import { LickView } from './lick.views';

const LICKS: StoredKind<LickEntity, LickView> = {
  entity: LickEntity,
  name: 'lick',
  there: (id) => ({ id, deletedAt: null }),
  view: (lick) => new LickView(lick),
};

const fieldsOf = ({ name, key, notes, answer }: LickBody) => ({
  name: name.trim(),
  key,
  notes: notes.trim(),
  answer: answer.trim(),
});

@Injectable()
export class LicksService {
  private readonly licks: VersionedStore<LickEntity, LickView>;

  constructor(private readonly em: EntityManager) {
    this.licks = new VersionedStore(em, LICKS);
  }

  async list(): Promise<LickView[]> {
    const order = { orderBy: { createdAt: 'asc' } } as const;
    const licks = await this.em.find(LickEntity, { deletedAt: null }, order);
    return licks.map((lick) => new LickView(lick));
  }

  async create(body: LickBody): Promise<LickView> {
    await checkRoom(this.em, 'lick', body);
    const lick = this.em.create(LickEntity, fieldsOf(body), { partial: true });
    await this.em.flush();
    return new LickView(lick);
  }

  save(id: string, body: LickSave): Promise<LickView> {
    return this.licks.save(id, body, async (lick) => {
      await checkRoom(this.em, 'lick', body, { id });
      Object.assign(lick, fieldsOf(body));
    });
  }

  delete(id: string): Promise<void> {
    return this.licks.throwAway(id);
  }

  /** Takes a deletion back. */
  restore(id: string): Promise<LickView> {
    return this.licks.restore(id, ({ name, key, notes, answer }) =>
      checkRoom(this.em, 'lick', { name, key, notes, answer }),
    );
  }
}

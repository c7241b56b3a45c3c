import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import type { SoloLine } from '@drop-close/core';
import { NoSuchThing } from '../problem/errors';
import { TuneEntity } from '../tunes/tune.entity';
import { SoloEntity } from './solo.entity';
import { SoloView } from './solo.views';
import { toStored } from './storedLine';

@Injectable()
export class SolosService {
  constructor(private readonly em: EntityManager) {}

  async list(tuneId: string): Promise<SoloView[]> {
    await this.findTune(tuneId);
    const where = { tune: tuneId, deletedAt: null };
    const found = await this.em.find(SoloEntity, where, { orderBy: { createdAt: 'asc' } });
    return found.map((solo) => new SoloView(solo));
  }

  async create(tuneId: string, name: string, line: SoloLine): Promise<SoloView> {
    const tune = await this.findTune(tuneId);
    const fields = { tune, name: name.trim(), line: toStored(line) };
    const solo = this.em.create(SoloEntity, fields, { partial: true });
    await this.em.flush();
    return new SoloView(solo);
  }

  async delete(id: string): Promise<void> {
    const solo = await this.em.findOne(SoloEntity, { id, deletedAt: null });
    if (!solo) throw new NoSuchThing('solo line', id);
    solo.deletedAt = new Date();
    await this.em.flush();
  }

  /** Takes a deletion back. */
  async restore(id: string): Promise<SoloView> {
    const solo = await this.em.findOne(SoloEntity, { id });
    if (!solo) throw new NoSuchThing('solo line', id);
    solo.deletedAt = null;
    await this.em.flush();
    return new SoloView(solo);
  }

  private async findTune(id: string): Promise<TuneEntity> {
    const tune = await this.em.findOne(TuneEntity, { id, deletedAt: null });
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }
}
